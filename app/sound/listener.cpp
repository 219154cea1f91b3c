#include "app/sound/listener.h"

#include "app/sound/listener_worker.h"

namespace calando {

Listener::Listener(MakeSink makeSink) : makeSink_(std::move(makeSink)) {}
Listener::~Listener() { quiet(); }

void Listener::listen(std::unique_ptr<BlockSource> source) { listen(std::move(source), nullptr); }

void Listener::listen(std::unique_ptr<BlockSource> source, const Plan* plan) {
  quiet();
  source_ = std::move(source);
  rate_ = source_->rate();
  worker_ = std::make_unique<Worker>(*this, rate_);
  if (plan) worker_->begin(*plan);  // before the first sample
  running_ = plan != nullptr;
  worker_->start();
  source_->start(worker_->queue());
}

void Listener::quiet() {
  if (source_) source_->stop();
  worker_.reset();  // while its source is there
  source_.reset();
  running_ = false;
}

void Listener::begin(const Plan& plan) {
  if (!worker_) return;
  worker_->begin(plan);
  running_ = true;
}

void Listener::placeSheet(double start_s) {
  if (!worker_) return;
  worker_->say([=](Worker::Said& now) {
    now.sheetStart_s = start_s;
    now.placed = true;
  });
}

void Listener::follow(std::shared_ptr<LivePartner> partner) {
  if (worker_) worker_->say([&](Worker::Said& now) { now.partner = std::move(partner); });
}

StreamClock Listener::clock() const { return worker_ ? worker_->said().clock : Recording{}.clock; }

double Listener::heard_s() const {
  return worker_ ? static_cast<double>(worker_->said().samples) / rate_ : 0.0;
}

Listener::Recording Listener::end() {
  running_ = false;
  return worker_ ? worker_->end() : Recording{};
}

}  // namespace calando
