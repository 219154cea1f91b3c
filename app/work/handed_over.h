#pragma once

// Qt is not built for the sanitizer of threads, which therefore does not see that what was done before
// something is queued comes before what is done when it is taken out. It is told here; otherwise these are
// nothing.
#if defined(__has_feature)
#if __has_feature(thread_sanitizer)
#define CALANDO_WATCHED_BY_TSAN
#endif
#endif

#ifdef CALANDO_WATCHED_BY_TSAN
extern "C" void __tsan_acquire(void* place);
extern "C" void __tsan_release(void* place);
#endif

namespace calando::work {

#ifdef CALANDO_WATCHED_BY_TSAN
inline char handover;
/// Before something is put into a queue of Qt's.
inline void handsOver() { __tsan_release(&handover); }
/// First of all, by what was taken out.
inline void takesOver() { __tsan_acquire(&handover); }
#else
inline void handsOver() {}
inline void takesOver() {}
#endif

}  // namespace calando::work
