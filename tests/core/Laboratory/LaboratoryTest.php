<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Laboratory;

use Japhrex\Core\Laboratory\LabError;
use Japhrex\Core\Laboratory\Laboratory;
use Japhrex\Core\Laboratory\LabState;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a laboratory reads in a fluid is judged against the fresh one, and says what it says and no more. */
final class LaboratoryTest extends TestCase
{
    private static function laboratory(): Laboratory
    {
        return Laboratory::of(Books::file('laboratory/oil'));
    }

    /** @return iterable<string, array{string, string, string, LabState, string}> */
    public static function values(): iterable
    {
        // ISO VG 46 is 41.4 to 50.6 mm²/s (± 10 %, ISO 3448).
        yield 'within its grade' => ['viscosity-40', '44.1', '46', LabState::Normal, ''];
        yield 'thin by a fifth' => ['viscosity-40', '36.5', '46', LabState::Bad, 'thin'];
        yield 'thick by a seventh' => ['viscosity-40', '52.6', '46', LabState::Watch, 'aged'];
        yield 'without the fresh one nobody can say' => ['viscosity-40', '36.5', '', LabState::Open, ''];
        yield 'a decimal comma' => ['acid-number', '1,9', '0,4', LabState::Bad, 'aged'];
        yield 'below what is found' => ['silicon', '<5', '', LabState::Normal, ''];
        yield 'one class above: twice the particles' => ['iso-4406', '19/16/13', '18/16/13', LabState::Watch, ''];
        yield 'two classes above at one size' => ['iso-4406', '18/16/15', '', LabState::Bad, ''];
        yield 'a size not counted says nothing' => ['iso-4406', '-/16/13', '18/16/13', LabState::Normal, ''];
        yield 'water' => ['water', '1200', '', LabState::Bad, 'water'];
    }

    #[DataProvider('values')]
    public function testAValueIsJudgedAgainstTheFreshFluidOrByItself(
        string $key,
        string $is,
        string $new,
        LabState $state,
        string $says,
    ): void {
        $verdict = self::laboratory()->analytes[$key]->judge($is, $new);
        self::assertSame([$state, $says], [$verdict->state, $verdict->speaks]);
    }

    public function testWhatIsNoValueIsRefusedWithWhatWouldBeRight(): void
    {
        $this->expectException(LabError::class);
        $this->expectExceptionMessage('Cleanliness (ISO 4406): "18-16-13" is no code; expected two or three classes, as 18/16/13');
        self::laboratory()->analytes['iso-4406']->judge('18-16-13', '');
    }

    public function testATableIsReadByTheNamesThatLaboratoriesUseAndWhatNobodyKnowsIsKept(): void
    {
        $csv = "Analysis;Result;Unit\nFe;148;mg/kg\nKV40;\"44,1\";mm2/s\nISO code;21/19/16;\nMolybdenum;12;mg/kg\nRemarks;see above;\n";
        self::assertSame(
            ['iron' => '148', 'viscosity-40' => '44,1', 'iso-4406' => '21/19/16', 'Molybdenum' => '12'],
            self::laboratory()->table($csv),
        );
        self::assertSame(['water' => '150'], self::laboratory()->table("H2O,150,ppm\n"));
        $this->expectException(LabError::class);
        self::laboratory()->table('The oil is fine.');
    }

    public function testWhatTheFluidIsSaidToBeIsAlsoSaidWhereItIsNot(): void
    {
        $laboratory = self::laboratory();
        $says = static fn (array $values, array $new): array => Laboratory::saysOf($laboratory->judge($values, $new));
        self::assertSame(['aged' => false, 'thin' => true], $says(['viscosity-40' => '36'], ['viscosity-40' => '46']));
        self::assertSame(['water' => false], $says(['water' => '80'], []));
        self::assertSame([], $says(['viscosity-40' => '36'], []), 'what cannot be judged says nothing');
        self::assertSame(['water' => true], $says(['water' => '80', 'sodium' => '90'], []), 'one that speaks is enough');
        self::assertCount(1, $laboratory->judge(['iron' => 'much', 'tin' => '2'], []), 'what cannot be read is not judged');
    }
}
