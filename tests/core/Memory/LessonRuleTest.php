<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\LessonAt;
use Japhrex\Core\Memory\LessonError;
use Japhrex\Core\Memory\LessonFor;
use Japhrex\Core\Memory\LessonRule;
use PHPUnit\Framework\TestCase;

/** A lesson is a sentence, for units that can be told, and two people stand behind it. */
final class LessonRuleTest extends TestCase
{
    private function refused(string $says, \Closure $act): void
    {
        try {
            $act();
            self::fail($says);
        } catch (LessonError $error) {
            self::assertStringContainsString($says, $error->getMessage());
        }
    }

    public function testALessonWithoutASentenceTeachesNothing(): void
    {
        $this->refused('One sentence', static fn () => LessonRule::keep(LessonAt::Strip, LessonFor::Family, ' ', '', ''));
        LessonRule::keep(LessonAt::Strip, LessonFor::Family, 'A second set screw sits under the first.', '', '');
        $this->addToAssertionCount(1);
    }

    public function testWhatIsForAModelOrAMakerNamesIt(): void
    {
        foreach ([LessonFor::Model, LessonFor::Maker] as $for) {
            $nameless = static fn () => LessonRule::keep(LessonAt::Part, $for, 'Half the size.', '', '');
            $this->refused('no '.$for->value.' written down', $nameless);
            LessonRule::keep(LessonAt::Part, $for, 'Half the size.', 'Vintrey', '');
        }
    }

    public function testANoteAtAMechanismOrALimitSaysWhereItIsFrom(): void
    {
        foreach (LessonAt::cases() as $at) {
            $keep = static fn (string $source) => LessonRule::keep($at, LessonFor::Family, 'Half of it.', '', $source);
            if (\in_array($at, [LessonAt::Mechanism, LessonAt::Mode, LessonAt::Limit], true)) {
                $this->refused('Where is it from', static fn () => $keep(''));
            } else {
                $keep('');
            }
            $keep('Manual, edition 4, page 12');
        }
    }

    public function testOnlyWhatIsTheSameInEveryFamilyIsForEveryFamily(): void
    {
        foreach (LessonAt::cases() as $at) {
            $keep = static fn () => LessonRule::keep($at, LessonFor::Every, 'Half of it.', '', 'Manual, edition 4');
            if (\in_array($at, [LessonAt::Mechanism, LessonAt::Mode], true)) {
                $keep();
            } else {
                $this->refused('those of one family', $keep);
            }
        }
    }

    public function testWhoWroteItDoesNotAgreeToItAndNobodyAgreesTwice(): void
    {
        $this->refused('Somebody else', static fn () => LessonRule::agree(true, 'Bench 2', ' bench 2'));
        $this->refused('already', static fn () => LessonRule::agree(false, 'bench 2', 'bench 3'));
        LessonRule::agree(true, 'bench 2', 'bench 3');
        $this->addToAssertionCount(1);
    }

    public function testWhoRetiredItFirstAndWhyStays(): void
    {
        $this->refused('Why is it retired', static fn () => LessonRule::retire(false, ' '));
        $this->refused('retired already', static fn () => LessonRule::retire(true, 'Another reason.'));
        LessonRule::retire(false, 'The maker changed the bush.');
        $this->addToAssertionCount(1);
    }
}
