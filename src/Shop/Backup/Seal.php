<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/** Encrypts to the key that the shop holds, with `age` (X25519 and ChaCha20-Poly1305): whoever has the backup alone reads nothing. */
final readonly class Seal
{
    /** @param string $keys file with the public keys to encrypt to, one a line */
    public function __construct(#[Autowire('%app.backup_keys%')] private string $keys)
    {
    }

    /** @throws BackupError */
    public function mustHaveKey(): void
    {
        if (!is_file($this->keys)) {
            throw BackupError::noKey($this->keys);
        }
    }

    /** @throws BackupError */
    public function file(string $from, string $to): void
    {
        $this->run(['age', '-R', $this->keys, '-o', $to, $from], $to);
    }

    /**
     * What a program prints, sealed as it comes: nothing of it lies on the disk in the clear.
     *
     * @param list<string> $command
     *
     * @throws BackupError
     */
    public function output(array $command, string $to): void
    {
        $piped = 'keys=$1; to=$2; shift 2; "$@" | age -R "$keys" -o "$to"';
        $this->run(['bash', '-o', 'pipefail', '-c', $piped, 'seal', $this->keys, $to, ...$command], $to);
    }

    /**
     * @param string $key file with the private key
     *
     * @throws BackupError
     */
    public function open(string $from, string $to, string $key): void
    {
        $this->run(['age', '-d', '-i', $key, '-o', $to, $from], $to);
    }

    /**
     * @param list<string> $command
     *
     * @throws BackupError
     */
    private function run(array $command, string $to): void
    {
        $process = new Process($command, timeout: null);
        $process->run();
        if (!$process->isSuccessful()) {
            @unlink($to);
            throw BackupError::failed('Nothing was sealed or opened', trim($process->getErrorOutput()) ?: $command[0].' failed');
        }
    }
}
