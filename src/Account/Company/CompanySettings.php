<?php

declare(strict_types=1);

namespace App\Account\Company;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The company's identity provider (OpenID Connect Core 1.0), if it has one. */
final readonly class CompanySettings
{
    /**
     * @param string $issuer address under which it describes itself; empty: there is none
     * @param string $client by which it knows this shop, with its secret
     * @param string $name as people call it
     */
    public function __construct(
        #[Autowire('%env(default:app.no_address:JAPHREX_OIDC_ISSUER)%')]
        public string $issuer,
        #[Autowire('%env(default:app.no_address:JAPHREX_OIDC_CLIENT)%')]
        public string $client,
        #[Autowire('%env(default:app.no_address:JAPHREX_OIDC_SECRET)%')]
        public string $secret,
        #[Autowire('%env(default:app.no_address:JAPHREX_OIDC_NAME)%')]
        public string $name,
    ) {
    }

    public function isThere(): bool
    {
        return '' !== $this->issuer && '' !== $this->client;
    }

    public function called(): string
    {
        return '' === $this->name ? 'the company\'s log-in' : $this->name;
    }
}
