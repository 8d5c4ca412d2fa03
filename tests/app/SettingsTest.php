<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\OurShop;
use App\Account\Role;
use App\Intake\CaseNumbers;

/** What differs from shop to shop is said once, by an analyst, and holds on every page and paper. */
final class SettingsTest extends AppTestCase
{
    /** Four white dots by two. */
    private const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAQAAAACCAAAAABawyK/AAAADklEQVR4nGP4DwQMIAIAJ+IH+dGbZDoAAAAASUVORK'
        .'5CYII=';

    protected function tearDown(): void
    {
        date_default_timezone_set('UTC');
        parent::tearDown();
    }

    /** @param array<string, string> $typed */
    private function keep(array $typed): int
    {
        $page = $this->browser->request('GET', '/settings');
        $form = $page->selectButton('Keep the settings')->form();
        foreach ($typed as $field => $value) {
            $form['settings['.$field.']'] = $value;
        }
        $this->browser->submit($form);

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testNameZoneAndNumbersAreTheShops(): void
    {
        $this->signIn(Role::Analyst);
        $kept = $this->keep([
            'name' => 'Brant Slip', 'address' => "Slip 2\nBrant", 'zone' => 'Pacific/Auckland', 'currency' => 'NZD',
            'numbering' => 'BS{year}-{number}',
        ]);
        self::assertSame(303, $kept);
        $page = $this->browser->followRedirect();
        self::assertSame('Brant Slip', $page->filter('.topline .shop small')->text());
        self::assertMatchesRegularExpression('/^BS\d\d-\d{4}$/', self::service(CaseNumbers::class)->next());
        self::assertStringContainsString('60.00 NZD', $page->filter('#rate-hour')->attr('value') ?? '');
        // Noon in Greenwich is one in the morning of the next day there, in its summer.
        $noon = new \DateTimeImmutable('2026-11-28 12:00 UTC');
        self::assertSame('29 Nov 01:00', $noon->setTimezone(new \DateTimeZone(date_default_timezone_get()))->format('j M H:i'));
    }

    public function testWhatIsNoSettingIsRefusedInItsFieldAndNothingIsKept(): void
    {
        $this->signIn(Role::Analyst);
        $before = self::service(OurShop::class)->name();
        self::assertSame(422, $this->keep(['name' => 'Other', 'zone' => 'Mars/North', 'currency' => 'crowns', 'numbering' => 'PW-{year}']));
        $said = $this->said();
        self::assertStringContainsString('Expected a time zone such as Europe/Oslo.', $said);
        self::assertStringContainsString('three capital letters of a currency', $said);
        self::assertStringContainsString('around {number}', $said);
        self::assertStringContainsString('value="Other"', (string) $this->browser->getResponse()->getContent(), 'what was typed stays');
        self::service(OurShop::class)->reset();
        self::assertSame($before, self::service(OurShop::class)->name());
    }

    public function testALogoIsAPictureAndIsReachedByACustomerWithoutALogIn(): void
    {
        $this->signIn(Role::Analyst);
        self::assertSame(404, $this->answer('/offer/logo'));
        $page = $this->browser->request('GET', '/settings');
        $form = $page->selectButton('Keep the settings')->form();
        $file = tempnam(sys_get_temp_dir(), 'logo').'.png';
        file_put_contents($file, (string) base64_decode(self::PNG, true));
        $form['settings[logoFile]'] = $file;
        $this->browser->submit($form);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        self::assertStringStartsWith('data:image/png;base64,', self::service(OurShop::class)->logoAsData());
        $this->browser->getCookieJar()->clear();
        self::assertSame(200, $this->answer('/offer/logo'));
        self::assertSame('image/png', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    public function testOnlyAnAnalystSetsThem(): void
    {
        $this->signIn(Role::Desk);
        self::assertSame(403, $this->answer('/settings'));
    }

    private function answer(string $page): int
    {
        $this->browser->request('GET', $page);

        return $this->browser->getResponse()->getStatusCode();
    }
}
