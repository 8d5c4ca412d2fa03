<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use Japhrex\Core\Family\Carrier;
use Japhrex\Core\Family\Complaint;
use Japhrex\Core\Family\Content;
use Japhrex\Core\Family\Facing;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Kit;
use Japhrex\Core\Family\Pair;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Pattern;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Family\Surface;
use Japhrex\Core\Family\Watch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Knowledge that stands in a book and on no page helps nobody: what a book says in words is told where the work is done. */
final class BookTextShownTest extends TestCase
{
    /** Pages that are no place of work: there a book is read for itself. */
    private const READING = 'templates/library/';

    /** @return iterable<string, array{string}> what a book tells, by its property */
    public static function told(): iterable
    {
        $classes = [
            Carrier::class, Complaint::class, Content::class, Facing::class, Field::class, Kit::class, Pair::class, Part::class,
            Pattern::class, StripStep::class, Surface::class, Watch::class,
        ];
        foreach ($classes as $class) {
            foreach ((new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
                if (\in_array((string) $property->getType(), ['string', 'array'], true)) {
                    yield substr((string) strrchr($class, '\\'), 1).'.'.$property->getName() => [$property->getName()];
                }
            }
        }
    }

    #[DataProvider('told')]
    public function testAPageOfTheWorkShowsIt(string $property): void
    {
        static $pages = null;
        $pages ??= self::pages();
        self::assertMatchesRegularExpression('/(\.|->)'.preg_quote($property, '/').'\b/', $pages);
    }

    /** All templates but the library's, and the code that makes their words. */
    private static function pages(): string
    {
        $root = \dirname(__DIR__, 2).'/';
        $text = '';
        foreach (['templates', 'src', 'core/Repair', 'core/Teardown', 'core/Chain', 'core/Photo', 'core/Proof'] as $folder) {
            $files = new \RecursiveDirectoryIterator($root.$folder, \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($files) as $file) {
                if (!str_contains((string) $file, self::READING)) {
                    $text .= file_get_contents((string) $file);
                }
            }
        }

        return $text;
    }
}
