<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Until when the certificate holds, where the shop has one of its own. */
final readonly class CertificateCheck implements Check
{
    private const DAYS = 21;

    public function __construct(#[Autowire('%env(default:app.no_address:JAPHREX_TLS_CERT)%')] private string $file)
    {
    }

    public function look(): array
    {
        if ('' === $this->file) {
            return [];
        }
        $read = openssl_x509_parse((string) @file_get_contents($this->file));
        $until = \is_array($read) && \is_int($read['validTo_time_t'] ?? null) ? $read['validTo_time_t'] : 0;
        $days = intdiv($until - time(), 86400);

        return [Symptom::either($days > self::DAYS, 'certificate', "it holds for $days days", 'Put another there and start again.')];
    }
}
