<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\OurShop;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ObjectRepository;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Twig\Attribute\AsTwigFilter;
use Twig\Attribute\AsTwigFunction;

/** What a template shows is handed to it: nothing that a template calls reaches the database, however many classes lie between. */
final class TemplatesDoNotAskTest extends TestCase
{
    public function testNoTwigFunctionOrFilterReachesTheDatabase(): void
    {
        $called = [];
        foreach (Finder::create()->files()->name('*.php')->in(\dirname(__DIR__, 2).'/src')->contains('AsTwigF') as $file) {
            $class = 'App\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            self::assertTrue(class_exists($class), $class);
            foreach ((new \ReflectionClass($class))->getMethods() as $method) {
                $is = [...$method->getAttributes(AsTwigFunction::class), ...$method->getAttributes(AsTwigFilter::class)];
                if ([] !== $is && !$method->isStatic()) {
                    $called[$class] = true;
                }
            }
        }
        self::assertNotSame([], $called, 'the search finds the classes that templates call');
        foreach (array_keys($called) as $class) {
            self::assertNull(self::wayToTheDatabase($class, []), $class);
        }
    }

    public function testTheSearchWouldFindOne(): void
    {
        self::assertNotNull(self::wayToTheDatabase(\App\Parts\PartSight::class, []));
    }

    /**
     * @param class-string $class
     * @param array<string, true> $seen
     */
    private static function wayToTheDatabase(string $class, array $seen): ?string
    {
        $seen[$class] = true;
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $needs) {
            $type = $needs->getType();
            $name = $type instanceof \ReflectionNamedType && !$type->isBuiltin() ? $type->getName() : null;
            // Whose program it is, and in which units it speaks, is known to every page.
            if (null === $name || OurShop::class === $name || isset($seen[$name]) || !(class_exists($name) || interface_exists($name))) {
                continue;
            }
            $asks = array_filter(
                [ObjectRepository::class, EntityManagerInterface::class, Connection::class],
                static fn (string $one): bool => is_a($name, $one, true),
            );
            if ([] !== $asks) {
                return $class.' needs '.$name;
            }
            if (str_starts_with($name, 'App\\') && null !== ($way = self::wayToTheDatabase($name, $seen))) {
                return $class.' needs '.$way;
            }
        }

        return null;
    }
}
