/** A disk of few bytes, in memory, that a test can fill. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export interface SmallDisk {
  folder: string;
  /** Takes up all room but for so many bytes. */
  fillTo: (left: number) => void;
  /** Gives the room back. */
  clear: () => void;
  remove: () => void;
}

const isRoot = process.getuid?.() === 0;
const asRoot = (command: string, ...words: string[]) =>
  execFileSync(isRoot ? command : 'sudo', isRoot ? words : ['-n', command, ...words], { stdio: 'pipe' });

/** Mounts it; undefined on a machine where nothing may be mounted. */
export function smallDisk(megabytes: number): SmallDisk | undefined {
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-disk-'));
  try {
    asRoot('mount', '-t', 'tmpfs', '-o', `size=${megabytes}m,mode=777`, 'tmpfs', folder);
  } catch {
    rmSync(folder, { recursive: true });
    return undefined;
  }
  const ballast = join(folder, 'ballast');
  return {
    folder,
    fillTo(left) {
      const { bavail, bsize } = statfsSync(folder);
      writeFileSync(ballast, Buffer.alloc(Math.max(0, bavail * bsize - left)));
    },
    clear: () => rmSync(ballast, { force: true }),
    remove() {
      asRoot('umount', '-l', folder);
      rmSync(folder, { recursive: true });
    },
  };
}
