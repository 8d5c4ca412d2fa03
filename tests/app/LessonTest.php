<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Lessons\Lesson;
use Japhrex\Core\Damage\FindingKind;

/** What one case taught is met again where it belongs, once a second person has agreed. */
final class LessonTest extends AppTestCase
{
    /** @param array<string, string> $said */
    private function kept(CaseFile $case, array $said): Lesson
    {
        self::assertSame(303, $this->act($case, 'lessons', $said, 'strip'));

        return self::em()->getRepository(Lesson::class)->findOneBy(['words' => $said['words']]) ?? self::fail('It is not kept.');
    }

    private function post(string $path, string $why = ''): int
    {
        $this->browser->request('POST', $path, ['_token' => $this->token('/lessons'), 'why' => $why]);

        return $this->browser->getResponse()->getStatusCode();
    }

    private function meets(CaseFile $case, string $words, string $page): bool
    {
        return str_contains($this->browser->request('GET', "/cases/{$case->number}/$page")->text(), 'Learnt before: '.$words);
    }

    private function of(string $maker, string $model): CaseFile
    {
        $case = $this->aCase();
        [$case->maker, $case->model] = [$maker, $model];
        self::em()->flush();

        return $case;
    }

    public function testALessonIsAgreedToByAnotherAndMetAtItsStepInLaterCases(): void
    {
        $this->signIn(Role::Bench, 'bench 2');
        $words = 'A second set screw sits under the first.';
        $lesson = $this->kept($this->of('Vintrey', 'G28'), ['at' => 'strip', 'place' => 'coupling', 'for' => 'family', 'words' => $words]);
        $later = $this->of('Dunmarrow', 'P-25');
        self::assertFalse($this->meets($later, $words, 'strip?step=coupling'), 'nobody has agreed');
        self::assertSame(422, $this->post('/lessons/'.$lesson->id.'/agree'));
        self::assertStringContainsString('Somebody else than who wrote it', $this->said());
        $this->signIn(Role::Bench, 'bench 3');
        self::assertSame(303, $this->post('/lessons/'.$lesson->id.'/agree'));
        self::assertTrue($this->meets($later, $words, 'strip?step=coupling'));
        self::assertFalse($this->meets($later, $words, 'strip?step=ports'), 'at its step, and not at others');
        $this->signIn(Role::Analyst, 'analyst 3');
        self::assertSame(422, $this->post('/lessons/'.$lesson->id.'/retire'));
        self::assertSame(303, $this->post('/lessons/'.$lesson->id.'/retire', 'The maker has left it out since 2019.'));
        self::assertFalse($this->meets($later, $words, 'strip?step=coupling'));
        $this->browser->request('GET', '/lessons');
        self::assertStringContainsString('left it out since 2019', $this->said(), 'it stays to be read');
    }

    public function testALessonOfAModelIsForThatModel(): void
    {
        $this->signIn(Role::Bench, 'bench 2');
        $words = 'Its drain hole is half the size.';
        $nameless = $this->of('', '');
        $said = ['at' => 'part', 'place' => 'front-cover', 'for' => 'model', 'words' => $words];
        self::assertSame(422, $this->act($nameless, 'lessons', $said, 'strip'));
        self::assertStringContainsString('no model written down', $this->said());
        self::assertStringContainsString('value="'.$words.'"', (string) $this->browser->getResponse()->getContent());
        $lesson = $this->kept($this->of('Vintrey', 'G28'), $said);
        $this->signIn(Role::Bench, 'bench 3');
        self::assertSame(303, $this->post('/lessons/'.$lesson->id.'/agree'));
        self::assertTrue($this->meets($this->of('vintrey', 'g28'), $words, 'parts/front-cover'));
        self::assertFalse($this->meets($this->of('Vintrey', 'G17'), $words, 'parts/front-cover'));
    }

    public function testWhatWasReadUpOfAKindOfDamageIsMetInEveryFamilyThatHasIt(): void
    {
        $this->signIn(Role::Bench, 'bench 2');
        $case = $this->of('Vintrey', 'G28');
        $found = static function (CaseFile $of, string $part): void {
            $damage = new Finding($of, $part);
            [$damage->kind, $damage->mode, $damage->grade] = [FindingKind::Damage, 'fretting', 2];
            self::em()->persist($damage);
            self::em()->flush();
        };
        $found($case, 'drive-gear');
        $words = 'Red dust is oxide of a small slip, not of a lack of oil.';
        $said = ['at' => 'mode', 'place' => 'fretting', 'for' => 'every', 'words' => $words];
        self::assertSame(422, $this->act($case, 'lessons', $said, 'strip'), 'it says where it stands');
        $note = $this->kept($case, $said + ['source' => 'ISO 15243']);
        $here = fn (CaseFile $of, string $part): string => $this->browser->request('GET', "/cases/{$of->number}/parts/$part")->text();
        self::assertStringContainsString('Noted here: '.$words, $here($case, 'drive-gear'), 'its own case has it at once');
        $other = $this->aCase();
        $other->family = 'axial-piston-pump-tandem';
        $found($other, 'shaft');
        self::assertStringNotContainsString($words, $here($other, 'shaft'), 'nobody has agreed');
        $this->signIn(Role::Bench, 'bench 3');
        self::assertSame(303, $this->post('/lessons/'.$note->id.'/agree'));
        self::assertStringContainsString('Noted before: '.$words.' ISO 15243; from '.$case->number, $here($other, 'shaft'));
        self::assertStringNotContainsString($words, $here($other, 'housing'), 'where there is no such damage it is not in the way');
    }

    public function testANoteAtALimitHasItsSource(): void
    {
        $this->signIn(Role::Analyst, 'analyst 3');
        $case = $this->of('Vintrey', 'G28');
        $said = ['at' => 'limit', 'place' => 'drive-gear/journal', 'for' => 'family', 'words' => 'Half of it counts for a warm start.'];
        self::assertSame(422, $this->act($case, 'lessons', $said, 'strip'));
        self::assertStringContainsString('Where is it from', $this->said());
        self::assertSame(303, $this->act($case, 'lessons', $said + ['source' => 'Manual, edition 4, page 12'], 'strip'));
    }
}
