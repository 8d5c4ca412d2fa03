<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\Look;
use Japhrex\Core\Drawing\SvgWriter;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** One drawing, in three inks: what a page styles, what stands for itself, what is printed where no style reaches. */
final class SvgWriterTest extends TestCase
{
    private static function book(): Book
    {
        return Books::book('roller-pump');
    }

    /**
     * @param array<string, int> $grades
     * @param array<string, string> $states
     */
    private static function drawn(
        array $grades = [],
        array $states = [],
        Ink $ink = Ink::Page,
        ?\Closure $link = null,
        string $title = '',
    ): \SimpleXMLElement {
        $drawing = new UnitDrawing(self::book());
        $svg = (new SvgWriter($drawing->names(), $grades, $states, $link, $ink, $title))->write(Blank::of($drawing->exploded()));
        $read = simplexml_load_string(str_replace(' xmlns="http://www.w3.org/2000/svg"', '', $svg));
        self::assertNotFalse($read);

        return $read;
    }

    /** @return list<string> */
    private static function told(\SimpleXMLElement $svg, string $path): array
    {
        return array_map(strval(...), array_values($svg->xpath($path) ?: []));
    }

    public function testWhatIsSaidOfAPartIsItsNameItsWorstGradeAndHowItStands(): void
    {
        $svg = self::drawn(['rotor/slots' => 2, 'rotor/faces' => 3], ['rotor' => 'out', 'rollers' => 'next', 'body' => 'unseen']);
        $said = static fn (string $part): string => self::told($svg, "//g[@data-part='$part']/title")[0] ?? '';
        self::assertSame('Rotor, grade 3, is out', $said('rotor'));
        self::assertStringEndsWith(', in hand now', $said('rollers'));
        self::assertStringEndsWith(', not looked at yet', $said('body'));
        self::assertStringNotContainsString('grade', $said('shaft'), 'of what was not graded nothing is said');
    }

    public function testAPartLeadsWhereItIsToldAndNowhereOtherwise(): void
    {
        self::assertSame([], self::told(self::drawn(), '//a'));
        $svg = self::drawn(link: static fn (string $part): string => "/x?a=1&part=$part");
        self::assertContains('/x?a=1&part=rotor', self::told($svg, '//a/@href'));
        self::assertCount(\count($svg->xpath('//g[@data-part]') ?: []), $svg->xpath('//a') ?: []);
    }

    public function testWhatIsTypedIntoABookCannotLeaveItsPlace(): void
    {
        $svg = self::drawn(title: 'Pump "A" <script>x</script> & more');
        self::assertSame(['Pump "A" <script>x</script> & more'], self::told($svg, '/svg/@aria-label'));
        self::assertSame([], self::told($svg, '//script'));
    }

    public function testOnPaperEveryFaceHasItsColourAndNothingAsksForAStyle(): void
    {
        $svg = self::drawn(['rotor' => 4], ink: Ink::Paper);
        self::assertSame([], self::told($svg, '//style'));
        self::assertSame([], self::told($svg, '//g[@data-part="rotor"]//path/@class'));
        // Blue-black, as it is in half shade: the temper colour of grade 4.
        self::assertContains('#17233d', array_map(strtolower(...), self::told($svg, '//g[@data-part="rotor"]//path/@fill')));
        self::assertNotContains('#17233d', self::told($svg, '//g[@data-part="shaft"]//path/@fill'));
    }

    public function testAFileForItselfBringsItsStyles(): void
    {
        $svg = self::drawn(['rotor' => 1], ink: Ink::File);
        self::assertStringContainsString('.g11{fill:#d8b04e}', self::told($svg, '//style')[0] ?? '');
    }

    /** A part is grade 3 plum on the page, in a file and on paper. */
    public function testThePageHasTheSameColoursAsThePaper(): void
    {
        $sheet = '';
        foreach (['tokens', 'tones'] as $file) {
            $sheet .= preg_replace('/\s+/', '', (string) file_get_contents(__DIR__."/../../../assets/styles/$file.css"));
        }
        foreach (Look::TONES as $tone => $colour) {
            self::assertStringContainsString("--d$tone:$colour;", $sheet);
        }
        foreach (range(1, 4) as $grade) {
            self::assertStringContainsString("--g$grade:".Look::graded($grade, 1).';', strtolower($sheet));
        }
        preg_match_all('/\.(w?[gt]\d+)\{/', Look::styles(), $classes);
        self::assertCount(2 * (16 + \count(Look::TONES)), $classes[1]);
        foreach ($classes[1] as $class) {
            self::assertStringContainsString("path.$class{", $sheet);
        }
    }

    public function testTheWorseTheDarker(): void
    {
        $brightness = static function (int $grade): float {
            [$r, $g, $b] = array_map(hexdec(...), str_split(substr(Look::graded($grade, 1), 1), 2));

            return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
        };
        self::assertGreaterThan($brightness(2), $brightness(1));
        self::assertGreaterThan($brightness(3), $brightness(2));
        self::assertGreaterThan($brightness(4), $brightness(3), 'told apart also where no colour is seen');
    }
}
