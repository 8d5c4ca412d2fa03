<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Repository\FindingRepository;
use App\Exchange\Table\TableKind;
use App\Exchange\Table\TakeTable;
use App\Intake\CaseFile;
use App\Intake\Repository\CaseFileRepository;
use App\Measuring\Repository\ReadingRepository;
use App\Platform\ShopError;

/** Cases, readings and finds come in as a table: each line is looked at, and all are taken or none. */
final class TableTest extends AppTestCase
{
    /** @return list<string> what is said of each line, "no:" before those that are refused */
    private function planned(TableKind $kind, string $text, ?CaseFile $case): array
    {
        $table = self::service(TakeTable::class)->preview($kind, $text, $case, $this->person(Role::Analyst));

        return array_values(array_map(static fn (object $one): string => ($one->isRefused ? 'no: ' : '').$one->says, $table->plan));
    }

    public function testLinesThatAreWrongAreNamedAndNothingIsWritten(): void
    {
        $case = $this->aG28();
        $this->signIn(Role::Analyst);
        $text = "part;found;grade;surface\nfront-block;scoring;heavy;face\nhub;scoring;3;\nFront bearing block;rust from the moon;2;\n"
            ."drive-gear;scoring;7;\nfront-block;scoring;2;face";
        $says = $this->planned(TableKind::Findings, $text, $case);
        self::assertStringStartsWith('Front bearing block', $says[0]);
        $refused = ['“hub” is no part', '“rust from the moon” is no damage', '“7” is no grade', 'That is found there already'];
        foreach ($refused as $i => $no) {
            self::assertStringStartsWith('no: '.$no, $says[$i + 1]);
        }
        $page = '/cases/'.$case->number.'/tables/findings';
        $this->browser->request('POST', $page, ['_token' => $this->token($page), 'table' => $text, 'take' => 'yes']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('4 refused', $this->said());
        $shown = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('rust from the moon', $shown, 'what was typed stays');
        self::assertSame([], self::service(FindingRepository::class)->ofCase($this->fresh($case)));

        $this->browser->request('POST', $page, [
            '_token' => $this->token($page), 'table' => $text, 'take' => 'yes', 'without' => 'yes',
        ]);
        self::assertResponseStatusCodeSame(303);
        self::assertCount(1, self::service(FindingRepository::class)->ofCase($this->fresh($case)));
    }

    public function testReadingsOfOneSizeAreTakenTogetherAndNeedTheirUnitsAndPlaces(): void
    {
        $case = $this->aG28();
        $says = $this->planned(
            TableKind::Readings,
            "part,size,reading,note\ndrive-gear,seal-land,19.98 mm,washed\ndrive-gear,seal-land,19.97 mm,\ndrive-gear,seal-land,20 kg,",
            $case,
        );
        self::assertStringStartsWith('no: ', $says[2]);
        self::assertStringContainsString('Another line of this size', $says[0]);
        $take = self::service(TakeTable::class);
        $who = $this->person(Role::Analyst);
        $text = "part,size,reading,note\ndrive-gear,seal-land,19.98 mm,washed\ndrive-gear,seal-land,\"19,97 mm\",";
        self::assertSame(2, $take->take($take->preview(TableKind::Readings, $text, $case, $who), false));
        $reading = self::service(ReadingRepository::class)->ofField($this->fresh($case), 'drive-gear', 'seal-land');
        self::assertSame(['19.98 mm', '19,97 mm'], $reading?->typed);
        self::assertStringContainsString('read already', $this->planned(TableKind::Readings, $text, $this->fresh($case))[0]);
    }

    public function testASpreadsheetsOldCodePageAndItsSemicolonsAreRead(): void
    {
        $text = "Family;Customer;Serial;Since new\nexternal-gear-pump;Fähre Øst;Q-77;2600 h\n;;;\n";
        $text = mb_convert_encoding($text, 'Windows-1252', 'UTF-8');
        $take = self::service(TakeTable::class);
        self::assertSame(1, $take->take($take->preview(TableKind::Cases, $text, null, $this->person(Role::Desk)), false));
        self::assertSame('Fähre Øst', self::service(CaseFileRepository::class)->findOneBy(['serial' => 'Q-77'])?->customer);
        $says = $this->planned(TableKind::Cases, "family,customer\na toaster,Me", null);
        self::assertStringStartsWith('no: There is no book “a toaster”', $says[0]);
    }

    public function testAHeadThatIsWrongIsToldWithWhatItShouldBe(): void
    {
        $wrong = [
            "family,colour\na,b" => 'lacks: customer', "family,customer,colour\na,b,c" => 'No column is called “colour”',
            'family,customer' => 'It has 0 lines',
        ];
        foreach ($wrong as $text => $says) {
            try {
                $this->planned(TableKind::Cases, $text, null);
                self::fail('It was read.');
            } catch (ShopError $error) {
                self::assertStringContainsString($says, $error->getMessage());
            }
        }
    }
}
