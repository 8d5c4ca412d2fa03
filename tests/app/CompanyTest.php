<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use GuzzleHttp\Client;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Sign-on by a company's identity provider, here the stand-in, which lies when told to. */
final class CompanyTest extends AppTestCase
{
    private const SETTINGS = ['JAPHREX_OIDC_ISSUER', 'JAPHREX_OIDC_CLIENT', 'JAPHREX_OIDC_SECRET', 'JAPHREX_OIDC_NAME'];

    private Process $provider;
    private string $folder;
    private string $address;

    protected function setUp(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail();
        $this->address = 'http://'.stream_socket_get_name($socket, false);
        fclose($socket);
        $this->folder = sys_get_temp_dir().'/company-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $where = substr($this->address, \strlen('http://'));
        $serves = ['php', '-S', $where, 'stand-ins/identity/server.php'];
        $this->provider = new Process($serves, \dirname(__DIR__, 2), ['FOLDER' => $this->folder]);
        $this->provider->start();
        for ($i = 0; $i < 100 && false === @file_get_contents($this->address.'/keys'); ++$i) {
            usleep(50_000);
        }
        foreach (array_combine(self::SETTINGS, [$this->address, 'japhrex', 'between us', 'Brant Group']) as $name => $value) {
            $_ENV[$name] = $_SERVER[$name] = $value;
        }
        parent::setUp();
        $this->person(Role::Bench, 'ida')->mail = 'ida@brant.example';
        self::em()->flush();
    }

    protected function tearDown(): void
    {
        $this->provider->stop(1);
        (new Filesystem())->remove($this->folder);
        foreach (self::SETTINGS as $name) {
            unset($_ENV[$name], $_SERVER[$name]);
        }
        parent::tearDown();
    }

    /**
     * Goes there and back as a browser does.
     *
     * @param array<string, mixed> $claims that the provider makes of who comes
     */
    private function goes(array $claims, string $spoil = ''): string
    {
        file_put_contents($this->folder.'/claims.json', json_encode($claims, \JSON_THROW_ON_ERROR));
        $this->browser->request('GET', '/login/company');
        $there = (string) $this->browser->getResponse()->headers->get('Location');
        $back = (new Client())->request('GET', $there, ['allow_redirects' => false])->getHeaderLine('Location');
        $this->browser->request('GET', str_replace('http://localhost', '', $back).$spoil);
        $this->browser->followRedirect();

        return $this->said();
    }

    public function testWhoeverTheCompanyNamesAndAnAnalystHasAddedIsIn(): void
    {
        $this->browser->request('GET', '/login');
        self::assertStringContainsString('With Brant Group', $this->said());
        self::assertStringContainsString('On the floor', $this->goes(['preferred_username' => 'ida']));
    }

    public function testAMailCountsWhereTheProviderHasVerifiedIt(): void
    {
        $mail = ['email' => 'Ida@brant.example'];
        self::assertStringContainsString('nobody here has that name', $this->goes($mail));
        self::assertStringContainsString('On the floor', $this->goes($mail + ['email_verified' => true]));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function lies(): iterable
    {
        yield 'for another client' => [['aud' => 'another']];
        yield 'of another issuer' => [['iss' => 'https://elsewhere.example']];
        yield 'asked for another time' => [['nonce' => 'old']];
        yield 'run out' => [['exp' => 1_000_000]];
        yield 'handed on by another' => [['aud' => ['japhrex', 'another'], 'azp' => 'another']];
    }

    /** @param array<string, mixed> $lie */
    #[DataProvider('lies')]
    public function testATokenThatIsNotForThisLogInOpensNothing(array $lie): void
    {
        self::assertStringContainsString('not signed as the company signs it', $this->goes($lie + ['preferred_username' => 'ida']));
    }

    public function testAnAnswerThatNobodyAskedForOpensNothing(): void
    {
        self::assertStringContainsString('no answer to what was asked', $this->goes(['preferred_username' => 'ida'], spoil: 'x'));
        $this->browser->request('GET', '/login/company/back?code=x&state=y');
        $this->browser->followRedirect();
        self::assertStringContainsString('no answer to what was asked', $this->said());
    }

    public function testWhoWasNotAddedOrWasShutOutIsTold(): void
    {
        self::assertStringContainsString('The company knows you as “tor”', $this->goes(['preferred_username' => 'tor']));
        $this->person(Role::Bench, 'ida')->disabledAt = new \DateTimeImmutable();
        self::em()->flush();
        self::assertStringContainsString('nobody here has that name', $this->goes(['preferred_username' => 'ida']));
    }
}
