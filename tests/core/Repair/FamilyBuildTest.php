<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\BookTypes;
use Japhrex\Core\Family\UpkeepCheck;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Proof\SheetCommand;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The build of each family, as somebody of that trade would read it. */
final class FamilyBuildTest extends TestCase
{
    /** @return array<string, array<mixed>> */
    private static function contents(string $file): array
    {
        /** @var array<string, mixed> $content */
        $content = Yaml::parseFile(__DIR__.'/../../../books/'.$file.'.yaml');

        return (new BookTypes($content))->books();
    }

    private static function book(string $file, string $type = ''): Book
    {
        return (new BookFactory())->book(self::contents($file)['' === $type ? $file : $file.'-'.$type]);
    }

    /** @return list<string> */
    private static function titles(Book $book): array
    {
        return array_map(static fn (BuildStep $one): string => $one->title, BuildSheet::of($book));
    }

    public function testNothingInADryPumpIsOiled(): void
    {
        $care = array_map(static fn (BuildStep $one): array => $one->care, BuildSheet::of(self::book('vane-pump', 'dry')));
        self::assertNotEmpty(array_filter($care));
        foreach ($care as $lines) {
            self::assertArrayNotHasKey('Clean oil', $lines);
        }
        self::assertNotEmpty(array_filter(
            BuildSheet::of(self::book('vane-pump', 'hydraulic')),
            static fn (BuildStep $one): bool => isset($one->care['Clean oil']),
        ), 'the same steps of the pump that runs in oil are');
    }

    public function testFacesOfASealAndProductPumpsSeeNoOil(): void
    {
        $wetted = [['centrifugal-pump', ''], ['internal-gear-process-pump', 'face-seal'], ['internal-gear-process-pump', 'packing']];
        foreach ($wetted as [$file, $type]) {
            foreach (BuildSheet::of(self::book($file, $type)) as $step) {
                if ('fit-bearings' !== $step->key) {
                    self::assertArrayNotHasKey('Clean oil', $step->care, $file.' '.$step->title);
                }
            }
        }
    }

    public function testEachTorqueSaysForWhichThreadsItIs(): void
    {
        $said = 0;
        foreach (['external-gear-pump' => 'oiled', 'hydrostatic-transaxle' => 'dry', 'stacked-gear-pump' => 'oiled'] as $file => $threads) {
            foreach (BuildSheet::of(self::book($file)) as $step) {
                if (BuildKind::Torque === $step->kind) {
                    self::assertStringContainsStringIgnoringCase($threads, $step->how, $step->title);
                    ++$said;
                }
            }
        }
        self::assertSame(4, $said);
    }

    public function testFrictionsAreSoakedBeforeTheFirstPackGoesInAndEndPlayIsReadTight(): void
    {
        $titles = self::titles(self::book('automatic-transmission'));
        $at = static fn (string $title): int => (int) array_search($title, $titles, true);
        self::assertLessThan($at('Low and reverse pack into the case'), $at('Frictions'));
        self::assertGreaterThan($at('Front pump with its seals and gasket'), $at('Pump screws'));
        self::assertGreaterThan($at('Pump screws'), $at('Input end play'));
        self::assertGreaterThan($at('Pump screws'), $at('Packs'));
        $titles = self::titles(self::book('axial-piston-pump', 'single'));
        self::assertLessThan(array_search('Cut-off', $titles, true), array_search('Case', $titles, true), 'filled before it is loaded');
    }

    public function testACautionOfTheStripDoesNotStandInTheBuild(): void
    {
        foreach (glob(__DIR__.'/../../../books/*-*.yaml') ?: [] as $file) {
            foreach (self::contents(basename($file, '.yaml')) as $key => $content) {
                $book = (new BookFactory())->book($content);
                foreach (BuildSheet::of($book) as $step) {
                    self::assertStringNotContainsString('When it came off', $step->caution, $key.' '.$step->title);
                    self::assertDoesNotMatchRegularExpression('/ in$|\bpuller\b/', $step->title.' '.$step->caution, $key);
                }
                self::assertStringContainsString('Caution: ', SheetCommand::told($key, SheetCommand::steps($book, 'build')));
            }
        }
    }

    /** @return iterable<string, array{\Closure(array<mixed>): array<mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'nothing said of how a part goes in' => [
            static fn (array $book): array => ['fits' => \array_slice($book['fits'], 1)] + $book,
            '"shaft" takes parts out, and no entry of "fits" says how they go in',
        ];
        yield 'a step that is none' => [
            static fn (array $book): array => [
                'fits' => [...$book['fits'], ['step' => 'lid', 'title' => 'Lid', 'dry' => 'all']],
            ] + $book,
            'there is no strip step "lid"',
        ];
        yield 'a torque without threads' => [
            static fn (array $book): array => ['settings' => [['what' => 'Nut', 'value' => '20 N·m']]] + $book,
            'a torque says for which threads it is',
        ];
        yield 'threads of a play' => [
            static fn (array $book): array => ['settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'threads' => 'dry']]] + $book,
            'nothing else does',
        ];
        yield 'set before a step that is none' => [
            static fn (array $book): array => ['settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'before' => 'lid']]] + $book,
            'there is no strip step "lid" before which it could be set',
        ];
        yield 'read tight where nothing is tightened' => [
            static fn (array $book): array => [
                'settings' => [['what' => 'Gap', 'value' => '0.1 mm', 'after' => 'shaft', 'tightened' => true]],
            ] + $book,
            'nothing is tightened there',
        ];
        $missing = ['fill' => 'fills, primes or vents', 'hand' => 'by hand before it runs', 'direction' => 'which way it turns'];
        foreach ($missing as $phase => $says) {
            yield 'a proof without '.$phase => [
                static fn (array $book): array => [
                    'proof' => array_filter($book['proof'], static fn (array $step): bool => $phase !== $step['phase']),
                ] + $book,
                $says,
            ];
        }
        yield 'a proof that does not say when' => [
            static fn (array $book): array => ['proof' => [...$book['proof'], ['step' => 'Look', 'expect' => 'Good']]] + $book,
            'does not say when',
        ];
    }

    /** @param \Closure(array<mixed>): array<mixed> $break */
    #[DataProvider('faults')]
    public function testABookThatWouldDoHarmIsRefused(\Closure $break, string $says): void
    {
        $content = self::contents('roller-pump')['roller-pump'];
        $check = new UpkeepCheck(new FigureRegistry());
        self::assertSame([], $check->problems((new BookFactory())->book($content)));
        $problems = $check->problems((new BookFactory())->book($break($content)));
        self::assertStringContainsString($says, implode(' ', array_map(static fn (BookProblem $one): string => $one->message, $problems)));
    }

    public function testAStepGoesInOnce(): void
    {
        $content = self::contents('roller-pump')['roller-pump'];
        self::assertIsArray($content['fits']);
        $this->expectException(BookError::class);
        $this->expectExceptionMessage('"shaft" goes in twice');
        (new BookFactory())->book(['fits' => [...$content['fits'], $content['fits'][0]]] + $content);
    }
}
