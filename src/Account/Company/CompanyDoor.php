<?php

declare(strict_types=1);

namespace App\Account\Company;

use App\Account\Repository\UserRepository;
use App\Account\User;
use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use GuzzleHttp\Exception\GuzzleException;
use League\OAuth2\Client\Provider\Exception\IdentityProviderException;
use League\OAuth2\Client\Provider\GenericProvider;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/**
 * Sign-on by the company: the code flow with PKCE, state and nonce; the token is checked against the provider's keys. It says who
 * somebody is; whether and as what they work here an analyst has said.
 */
final readonly class CompanyDoor
{
    private const KEY = '_company';

    public function __construct(
        private CompanySettings $settings,
        private RequestStack $requests,
        private UrlGeneratorInterface $urls,
        private UserRepository $people,
    ) {
    }

    /**
     * @return string address of the provider to which the browser goes
     *
     * @throws CompanyError
     */
    public function begin(): string
    {
        $provider = $this->provider($this->described());
        $nonce = bin2hex(random_bytes(16));
        $address = $provider->getAuthorizationUrl(['scope' => 'openid profile email', 'nonce' => $nonce]);
        $this->requests->getSession()->set(self::KEY, [$provider->getState(), $nonce, (string) $provider->getPkceCode()]);

        return $address;
    }

    /**
     * @param string $code as the provider sent it back with the state
     *
     * @throws CompanyError where it lets nobody in
     */
    public function who(string $code, string $state): User
    {
        $asked = $this->requests->getSession()->remove(self::KEY);
        if (!\is_array($asked) || 3 !== \count($asked) || '' === $state || !hash_equals((string) $asked[0], $state)) {
            throw CompanyError::notAsked();
        }
        $described = $this->described();
        $provider = $this->provider($described);
        $provider->setPkceCode((string) $asked[2]);
        try {
            $token = $provider->getAccessToken('authorization_code', ['code' => $code])->getValues()['id_token'] ?? '';
            $keys = json_decode((string) $provider->getHttpClient()->request('GET', $described['jwks_uri'])->getBody(), true);
        } catch (IdentityProviderException|GuzzleException|\UnexpectedValueException $error) {
            throw CompanyError::silent($error);
        }

        return $this->person($this->claims(\is_string($token) ? $token : '', \is_array($keys) ? $keys : [], (string) $asked[1]));
    }

    /**
     * @param array<mixed> $keys of the provider
     *
     * @return array<string, mixed>
     */
    private function claims(string $token, array $keys, string $nonce): array
    {
        try {
            $claims = (array) JWT::decode($token, JWK::parseKeySet($keys, 'RS256'));
        } catch (\Exception $error) {
            throw CompanyError::notTheirs($error);
        }
        [$for, $client] = [(array) ($claims['aud'] ?? []), $this->settings->client];
        $issuer = rtrim($this->settings->issuer, '/');

        return match (true) {
            $issuer !== rtrim(self::text($claims, 'iss'), '/') => throw CompanyError::notTheirs('of another issuer'),
            !\in_array($client, $for, true) => throw CompanyError::notTheirs('for somebody else'),
            \count($for) > 1 && $client !== self::text($claims, 'azp') => throw CompanyError::notTheirs('handed to another'),
            !isset($claims['exp']) => throw CompanyError::notTheirs('it never ends'),
            !hash_equals($nonce, self::text($claims, 'nonce')) => throw CompanyError::notTheirs('asked for another time'),
            default => $claims,
        };
    }

    /**
     * By the name that they sign in with, or by a mail that the provider has verified.
     *
     * @param array<string, mixed> $claims
     */
    private function person(array $claims): User
    {
        $name = self::text($claims, 'preferred_username');
        $mail = true === ($claims['email_verified'] ?? false) ? self::text($claims, 'email') : '';
        $person = ('' === $name ? null : $this->people->named($name)) ?? ('' === $mail ? null : $this->people->withMail($mail));

        return null !== $person && $person->mayEnter() ? $person : throw CompanyError::unknown('' === $name ? $mail : $name);
    }

    /** @param array<string, mixed> $claims */
    private static function text(array $claims, string $of): string
    {
        return \is_string($claims[$of] ?? null) ? $claims[$of] : '';
    }

    /** @return array{authorization_endpoint: string, token_endpoint: string, jwks_uri: string} as the provider describes itself */
    private function described(): array
    {
        try {
            $client = new \GuzzleHttp\Client(['timeout' => 10, 'connect_timeout' => 5]);
            $said = json_decode(
                (string) $client->request('GET', rtrim($this->settings->issuer, '/').'/.well-known/openid-configuration')->getBody(),
                true,
                flags: \JSON_THROW_ON_ERROR,
            );
        } catch (GuzzleException|\JsonException $error) {
            throw CompanyError::silent($error);
        }
        $described = [];
        foreach (['authorization_endpoint', 'token_endpoint', 'jwks_uri'] as $one) {
            $described[$one] = \is_array($said) && \is_string($said[$one] ?? null)
                ? $said[$one]
                : throw CompanyError::silent(new \RuntimeException("It does not say its $one."));
        }

        return $described;
    }

    /** @param array{authorization_endpoint: string, token_endpoint: string, jwks_uri: string} $described */
    private function provider(array $described): GenericProvider
    {
        return new GenericProvider([
            'clientId' => $this->settings->client,
            'clientSecret' => $this->settings->secret,
            'redirectUri' => $this->urls->generate('company_back', [], UrlGeneratorInterface::ABSOLUTE_URL),
            'urlAuthorize' => $described['authorization_endpoint'],
            'urlAccessToken' => $described['token_endpoint'],
            'urlResourceOwnerDetails' => '',
            'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
            'timeout' => 10,
        ]);
    }
}
