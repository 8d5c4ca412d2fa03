<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Account\User;
use App\Intake\CaseFile;
use App\Intake\CaseNumbers;
use App\Teardown\Form\OpeningInput;
use App\Teardown\OpenUnit;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Teardown\BeforeOpening;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;

/** A shop with one person of each role and, where asked for, a case. Each test's changes are rolled back. */
abstract class AppTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->browser->useHtml5Parser(false);
    }

    protected static function em(): EntityManagerInterface
    {
        return self::service(EntityManagerInterface::class);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected static function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }

    protected function person(Role $role, string $name = ''): User
    {
        $name = $name ?: strtolower($role->name);
        $user = self::em()->getRepository(User::class)->findOneBy(['username' => $name]) ?? new User($name, 'test '.$name, $role);
        $user->password = 'quay';
        self::em()->persist($user);
        self::em()->flush();

        return $user;
    }

    protected function signIn(Role $role, string $name = ''): User
    {
        $user = $this->person($role, $name);
        $this->browser->loginUser($user);

        return $user;
    }

    /** A case of which it is known which unit it is: limits that depend on the model are there. */
    protected function aG28(): CaseFile
    {
        $case = $this->aCase();
        [$case->maker, $case->model] = ['Vintrey', 'G28'];
        self::em()->flush();

        return $case;
    }

    protected function aCase(string $serial = ''): CaseFile
    {
        $case = new CaseFile(self::service(CaseNumbers::class)->next(), 'external-gear-pump');
        $case->customer = 'Fish quay';
        $case->unitName = 'Ice pump';
        $case->serial = $serial;
        $case->settle(null);
        self::em()->persist($case);
        self::em()->flush();

        return $case;
    }

    /** What is said before the first part comes off. */
    protected function opened(CaseFile $case): void
    {
        $said = new OpeningInput(array_keys(BeforeOpening::TICKS), liquid: 'oil', precautions: 'gloves, tray');
        self::service(OpenUnit::class)($this->fresh($case), $said, $this->person(Role::Bench));
    }

    /** The case as it is stored now. */
    protected function fresh(CaseFile $case): CaseFile
    {
        self::em()->clear();
        $fresh = self::em()->find(CaseFile::class, $case->id);
        self::assertNotNull($fresh);

        return $fresh;
    }

    /** The key that small forms of a page carry. */
    protected function token(string $page): string
    {
        return (string) $this->browser->request('GET', $page)->filter('input[name=_token]')->first()->attr('value');
    }

    /**
     * Sends a small form that only carries the page's key.
     *
     * @param array<string, string|array<string, string>|list<string>|list<array<string, string>>> $fields
     */
    protected function act(CaseFile $case, string $path, array $fields = [], string $page = 'intake'): int
    {
        $this->browser->request(
            'POST',
            '/cases/'.$case->number.'/'.$path,
            $fields + ['_token' => $this->token('/cases/'.$case->number.'/'.$page)],
        );

        return $this->browser->getResponse()->getStatusCode();
    }

    /**
     * Fills in a form of a page and sends it.
     *
     * @param array<string, string> $fields
     */
    protected function send(string $page, string $action, array $fields): int
    {
        $form = $this->browser->request('GET', $page)->filter('form[action$="'.$action.'"]')->form();
        $this->browser->submit($form, $fields);

        return $this->browser->getResponse()->getStatusCode();
    }

    protected function said(): string
    {
        return (string) preg_replace(
            '/\s+/',
            ' ',
            html_entity_decode(strip_tags(str_replace('<', ' <', (string) $this->browser->getResponse()->getContent())), \ENT_QUOTES),
        );
    }
}
