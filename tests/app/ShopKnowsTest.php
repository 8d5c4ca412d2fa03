<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PartRecord;
use App\Figures\KeptFigure;
use App\Identity\Repository\SeenFeatureRepository;
use App\Identity\SeenFeature;
use App\Measuring\Reading;
use Japhrex\Core\Damage\Disposition;

/** What other units told stands beside this one: sizes, numbers that fitted, how often a part was replaced. */
final class ShopKnowsTest extends AppTestCase
{
    public function testASizeStandsBesideThoseOfOtherUnitsOfItsModelAndOfNoOther(): void
    {
        foreach (['19.96 mm', '19.99 mm'] as $size) {
            $reading = new Reading($this->aG28(), 'drive-gear', 'journal');
            $reading->typed = [$size];
            self::em()->persist($reading);
        }
        $other = new Reading($this->aCase(), 'drive-gear', 'journal');
        $other->typed = ['15.00 mm'];
        self::em()->persist($other);
        $case = $this->aG28();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/drive-gear');
        self::assertStringContainsString('In 2 other units of this model here: 19.960 mm to 19.990 mm', $this->said());
    }

    public function testHowOftenAPartWasReplacedIsCountedFromClosedCases(): void
    {
        $closed = $this->aCase();
        $record = new PartRecord($closed, 'shaft-seal');
        [$record->disposition, $record->dispositionReason] = [Disposition::Replace, 'hard'];
        self::em()->persist($record);
        self::em()->flush();
        $closed->close(new \DateTimeImmutable());
        self::em()->flush();
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/shaft-seal');
        // Wilson, one of one: (1 + 1.92)/(1 + 3.84) ± …: 21 to 100 %.
        self::assertStringContainsString(
            'Replaced here in 1 of 1 closed cases of this family: between 21 and 100 %',
            $this->said(),
        );
    }

    public function testWhatWasToldIsSetAgainstTheFigureAndARefusedClaimKeepsNothing(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Bench);
        $keep = fn (string $claim): int => $this->act($case, 'figures/flow', [
            'part' => 'drive-gear', 'typed' => ['displacement' => '28.7 cc/rev', 'speed' => '1500 rpm'], 'claim' => $claim,
        ], 'parts/drive-gear');
        self::assertSame(422, $keep('a lot'));
        self::assertSame(0, self::em()->getRepository(KeptFigure::class)->count([]));
        self::assertSame(303, $keep('about 60 L/min'));
        $kept = self::em()->getRepository(KeptFigure::class)->findOneBy(['figure' => 'flow']);
        // 28.7 cm³ at 1500 a minute is 43.05 L/min; 60 ± 5 is 39 % more.
        self::assertSame('What was told is 39 % more than what is worked out.', $kept?->claimSays);
        $this->browser->request('GET', '/cases/'.$case->number.'/parts/drive-gear');
        self::assertStringContainsString('Told: about 60 L/min', $this->said());
    }

    public function testTwoWhoMeasureDifferentThingsKeepBothAndAnEmptyFieldTakesBackItsOwn(): void
    {
        $case = $this->aCase();
        $this->signIn(Role::Desk);
        $keep = fn (array $is, array $was = []): int => $this->act($case, 'identity/features', ['is' => $is, 'was' => $was], 'identity');
        self::assertSame(303, $keep(['gear-width' => '15.0 mm', 'teeth' => '']));
        // The second page was made before that: what it did not touch it does not take away.
        self::assertSame(303, $keep(['gear-width' => '', 'teeth' => '12']));
        $seen = static fn (): array => array_map(
            static fn (SeenFeature $one): string => $one->feature.' '.$one->value,
            self::service(SeenFeatureRepository::class)->ofCase($case),
        );
        $case = $this->fresh($case);
        self::assertSame(['gear-width 15.0 mm', 'teeth 12'], $seen());
        self::assertSame(422, $keep(['teeth' => '11.5'], ['teeth' => '12']));
        self::assertStringContainsString('"11.5" is no count', $this->said());
        self::assertSame(303, $keep(['gear-width' => ''], ['gear-width' => '15.0 mm']));
        $case = $this->fresh($case);
        self::assertSame(['teeth 12'], $seen());
    }

    public function testANumberThatFittedIsThereWhenTheUnitComesAgain(): void
    {
        $first = $this->aCase('QX-7');
        $this->signIn(Role::Bench);
        $add = fn (string $part, string $number): int => $this->act(
            $first,
            'identity/numbers',
            ['part' => $part, 'number' => $number, 'supplier' => 'Seal merchant'],
            'identity',
        );
        self::assertSame([422, 303], [$add('moon', '1'), $add('shaft-seal', 'KS 17-30-7')]);
        $again = $this->aCase('QX-7');
        $this->browser->request('GET', '/cases/'.$again->number.'/identity');
        self::assertStringContainsString('KS 17-30-7 Shaft seal, Seal merchant fitted in '.$first->number, $this->said());
        $this->browser->request('GET', '/cases/'.$this->aCase('other')->number.'/identity');
        self::assertStringNotContainsString('KS 17-30-7', $this->said());
    }
}
