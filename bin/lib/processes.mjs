// Running other programs.
import { spawn } from 'node:child_process';

/**
 * Runs a program to its end and resolves to { code, output }. With `show`, its output is passed on as it comes.
 */
export function execute(command, words, { show = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, words, { stdio: show ? 'inherit' : ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    child.stdout?.on('data', (data) => (output += data));
    child.stderr?.on('data', (data) => (output += data));
    child.on('error', (error) =>
      error.code === 'ENOENT' ? resolve({ code: 127, output: `${command} is not installed` }) : reject(error),
    );
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Whether a program can be found on the PATH. */
export async function installed(command) {
  const { code } = await execute('sh', ['-c', `command -v ${command}`]);
  return code === 0;
}

export const isRoot = process.getuid?.() === 0;
