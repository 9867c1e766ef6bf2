/* Preloaded into a test program: lets chosen calls of the disk fail. The program writes six int32 into the file named
   by FAULTS: kinds of calls, errno, calls that still succeed, calls that then fail; the fifth counts failures. */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <sys/types.h>
#include <unistd.h>

enum { WRITE = 1, SYNC = 2, TRUNCATE = 4, RENAME = 8 };

static volatile int32_t *faults;
static ino_t own;

__attribute__((constructor)) static void start(void) {
  const char *path = getenv("FAULTS");
  struct stat found;
  if (!path) return;
  int file = open(path, O_RDWR);
  if (file < 0 || fstat(file, &found)) return;
  own = found.st_ino;
  void *shared = mmap(NULL, 6 * sizeof(int32_t), PROT_READ | PROT_WRITE, MAP_SHARED, file, 0);
  if (shared != MAP_FAILED) faults = shared;
}

static int fails(int kind, int file) {
  struct stat found;
  if (!faults || !(faults[0] & kind) || faults[3] == 0) return 0;
  /* Only files: pipes and the file with the orders go on working. */
  if (file >= 0 && (fstat(file, &found) || !S_ISREG(found.st_mode) || found.st_ino == own)) return 0;
  if (faults[2] > 0) {
    faults[2]--;
    return 0;
  }
  faults[3]--;
  faults[4]++;
  errno = faults[1];
  return 1;
}

#define REAL(name, type) ((type)dlsym(RTLD_NEXT, name))

ssize_t write(int file, const void *bytes, size_t count) {
  return fails(WRITE, file) ? -1 : REAL("write", ssize_t (*)(int, const void *, size_t))(file, bytes, count);
}
ssize_t pwrite(int file, const void *bytes, size_t count, off_t at) {
  return fails(WRITE, file) ? -1 : REAL("pwrite", ssize_t (*)(int, const void *, size_t, off_t))(file, bytes, count, at);
}
ssize_t pwrite64(int file, const void *bytes, size_t count, off64_t at) {
  return fails(WRITE, file) ? -1 : REAL("pwrite64", ssize_t (*)(int, const void *, size_t, off64_t))(file, bytes, count, at);
}
int fsync(int file) { return fails(SYNC, file) ? -1 : REAL("fsync", int (*)(int))(file); }
int fdatasync(int file) { return fails(SYNC, file) ? -1 : REAL("fdatasync", int (*)(int))(file); }
int ftruncate(int file, off_t size) { return fails(TRUNCATE, file) ? -1 : REAL("ftruncate", int (*)(int, off_t))(file, size); }
int ftruncate64(int file, off64_t size) {
  return fails(TRUNCATE, file) ? -1 : REAL("ftruncate64", int (*)(int, off64_t))(file, size);
}
int rename(const char *from, const char *to) {
  return fails(RENAME, -1) ? -1 : REAL("rename", int (*)(const char *, const char *))(from, to);
}
