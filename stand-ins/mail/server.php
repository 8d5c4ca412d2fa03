#!/usr/bin/env php
<?php

/**
 * A mail server that keeps what it is sent, each letter as a file, and sends nothing on: php stand-ins/mail/server.php PORT FOLDER.
 * As much of SMTP (RFC 5321) as a client needs that hands letters in, one at a time.
 */

declare(strict_types=1);

[$port, $folder] = [(int) ($argv[1] ?? 1025), $argv[2] ?? 'var/letters'];
is_dir($folder) || mkdir($folder, 0700, true);
$server = stream_socket_server("tcp://127.0.0.1:$port", $code, $why) ?: exit("mail: $why\n");
while (false !== ($client = stream_socket_accept($server, -1))) {
    $say = static fn (string $line) => fwrite($client, "$line\r\n");
    $say('220 japhrex stand-in');
    $letter = null;
    while (false !== ($line = fgets($client))) {
        $line = rtrim($line, "\r\n");
        if (null !== $letter) {
            if ('.' === $line) {
                file_put_contents(sprintf('%s/%s.eml', $folder, bin2hex(random_bytes(8))), $letter);
                $letter = null;
                $say('250 kept');
            } else {
                $letter .= (str_starts_with($line, '..') ? substr($line, 1) : $line)."\r\n";
            }
            continue;
        }
        $word = strtoupper(strtok($line, ' ') ?: '');
        match ($word) {
            'DATA' => $say('354 go on') && $letter = '',
            'QUIT' => $say('221 bye') && fclose($client),
            default => $say('250 well'),
        };
        if ('QUIT' === $word) {
            break;
        }
    }
}
