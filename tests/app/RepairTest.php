<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Proof\Handover;
use App\Repair\KitPiece;
use App\Repair\MakeOffer;
use App\Repair\MakeOfferHandler;
use App\Repair\Offer;
use App\Repair\Offers;
use App\Repair\PriceRow;
use App\Repair\RepairOption;
use Japhrex\Core\Damage\Disposition;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\UriSigner;

/** Prices, options, and what a customer chooses by a link. */
final class RepairTest extends AppTestCase
{
    private function take(string $list, string $csv): int
    {
        file_put_contents($file = sys_get_temp_dir().'/prices-'.bin2hex(random_bytes(4)).'.csv', $csv);
        $this->browser->request(
            'POST',
            '/prices',
            ['_token' => $this->token('/prices'), 'list' => $list],
            ['file' => new UploadedFile($file, 'prices.csv', 'text/csv', null, true)],
        );

        return $this->browser->getResponse()->getStatusCode();
    }

    private function decided(): CaseFile
    {
        $this->signIn(Role::Analyst);
        $case = $this->aCase('PR-1');
        foreach (
            [
                'front-block' => Disposition::Replace,
                'rear-block' => Disposition::Reuse,
                'suction-strainer' => Disposition::Upgrade,
            ] as $part => $disposition
        ) {
            $record = new PartRecord($case, $part);
            [$record->disposition, $record->dispositionReason] = [$disposition, 'as read'];
            self::em()->persist($record);
        }
        self::em()->flush();
        $this->take(
            'Test',
            "family;part;price;days;version\nexternal-gear-pump;front-block;86,00 "
                ."EUR;6;\nexternal-gear-pump;suction-strainer;24.60 EUR;;\nexternal-gear-pump;suction-strainer;58.00 EUR;3;upgrade\n",
        );
        $this->browser->request(
            'POST',
            '/prices/rates',
            ['_token' => $this->token('/prices'), 'hour' => '64 EUR', 'tax' => '19 %', 'hoursADay' => '6'],
        );

        return $case;
    }

    private function offer(CaseFile $case, string $until = '+30 days'): Offer
    {
        $this->act($case, 'options/cured', [], 'repair');
        self::assertSame(
            303,
            $this->act(
                $case,
                'offers',
                [
                    'story' => 'Grains got in.',
                    'theory' => '',
                    'questions' => "Was the tank emptied?\n\n",
                    'unpriced' => 'yes',
                    'until' => (new \DateTimeImmutable("today $until"))->format('Y-m-d'),
                ],
                'repair',
            ),
        );

        return self::em()->getRepository(Offer::class)->findOneBy(['case' => $case], ['id' => 'DESC']) ?? self::fail('There is no offer.');
    }

    private function link(Offer $offer): string
    {
        return self::service(Offers::class)->link($offer);
    }

    public function testAPriceListIsTakenWholeOrNotAtAll(): void
    {
        $this->signIn(Role::Desk);
        self::assertSame(422, $this->take('Pellam', "family,part,cost\nexternal-gear-pump,body,1 EUR\n"));
        self::assertStringContainsString('the column price is missing', $this->said());
        self::assertSame(422, $this->take('Pellam', "family,part,price\nexternal-gear-pump,body,10 EUR\nexternal-gear-pump,wheel,1 EUR\n"));
        self::assertStringContainsString('Line 3: external-gear-pump has no part “wheel”', $this->said());
        self::assertSame(0, self::em()->getRepository(PriceRow::class)->count([]));
        self::assertSame(422, $this->take('', "family,part,price\n"));
        self::assertSame(
            303,
            $this->take('Pellam', "family,part,price\nexternal-gear-pump,body,10 EUR\nexternal-gear-pump,shaft-seal,2 EUR\n"),
        );
        self::assertSame(303, $this->take('Pellam', "family,part,price\nexternal-gear-pump,body,11 EUR\n"));
        self::assertSame(
            ['11.00 EUR'],
            array_map(static fn (PriceRow $row): string => $row->price, self::em()->getRepository(PriceRow::class)->findAll()),
            'a list of the same name takes its place',
        );
    }

    public function testTheDecisionsMakeTheWorkAndOneOfAPairIsWarnedOf(): void
    {
        $case = $this->decided();
        $page = $this->browser->request('GET', "/cases/{$case->number}/repair")->text();
        self::assertStringContainsString('Front bearing block new, front bearing bushes not', $page);
        self::assertStringContainsString('by the book', $page);
        self::assertSame(303, $this->act($case, 'options/as-it-was', [], 'repair'));
        self::assertSame(422, $this->act($case, 'options/exchange', [], 'repair'));
        self::assertStringContainsString('No price of an exchange unit', $this->said());
        $option = self::em()->getRepository(RepairOption::class)->findOneBy(['case' => $case]);
        self::assertContains('24.60 EUR', array_column($option->lines ?? [], 'low'), 'as it was: the plain strainer');
        self::assertSame(
            422,
            $this->act(
                $case,
                'options/as-it-was/save',
                ['lines' => [['what' => 'Flushing', 'kind' => 'cleaning', 'low' => 'much', 'high' => '']]],
                'repair',
            ),
        );
        self::assertStringContainsString('Flushing: "much" is no amount', $this->said());
        self::assertStringContainsString('value="much"', (string) $this->browser->getResponse()->getContent(), 'what was typed stays');
        self::assertSame(
            303,
            $this->act(
                $case,
                'options/as-it-was/save',
                ['lines' => [['what' => 'Flushing', 'kind' => 'cleaning', 'low' => '100 EUR', 'high' => '120 EUR', 'hours' => '7']]],
                'repair',
            ),
        );
        self::assertStringContainsString(
            '119.00 EUR to 142.80 EUR',
            $this->browser->request('GET', "/cases/{$case->number}/repair")->text(),
            '19 % on 100 and on 120',
        );
    }

    public function testWhatWasUsedOfTheKitIsTickedAndWhatIsLeftOverHasItsReason(): void
    {
        $case = $this->decided();
        self::assertStringContainsString(
            'not ticked yet',
            $this->browser->request('GET', "/cases/{$case->number}/repair")->filter('#kit')->text(),
        );
        self::assertSame(303, $this->act($case, 'kit', ['part' => 'shaft-seal', 'state' => 'used'], 'repair'));
        self::assertSame(422, $this->act($case, 'kit', ['part' => 'front-cover-seal', 'state' => 'left'], 'repair'));
        self::assertStringContainsString('it was to go in: why is it left over?', $this->said());
        self::assertSame(
            303,
            $this->act($case, 'kit', ['part' => 'front-cover-seal', 'state' => 'left', 'why' => 'the cover was never off'], 'repair'),
        );
        self::assertSame(404, $this->act($case, 'kit', ['part' => 'wheel', 'state' => 'used'], 'repair'));
        self::assertSame(303, $this->act($case, 'kit', ['part' => 'driven-gear', 'state' => 'used'], 'repair'));
        $kit = $this->browser->request('GET', "/cases/{$case->number}/repair")->filter('#kit')->text();
        self::assertStringContainsString('left over: the cover was never off', $kit);
        self::assertStringContainsString('Driven gear was used though the plan keeps the old one', $kit);
        self::assertStringContainsString('Chosen by a play: side clearance', $kit);
    }

    public function testAKitWithoutASheetIsLaidOutPieceByPiece(): void
    {
        $case = $this->decided();
        $ring = ['kit' => 'Seal set for four sizes', 'piece' => 'O-ring 14 × 1.78', 'count' => '4'];
        self::assertSame(422, $this->act($case, 'kit/pieces', ['count' => 'a few'] + $ring, 'repair'));
        self::assertStringContainsString('“a few” is not a whole number from 1 to 99', $this->said());
        self::assertStringContainsString('value="Seal set for four sizes"', (string) $this->browser->getResponse()->getContent());
        self::assertSame(422, $this->act($case, 'kit/pieces', ['piece' => ''] + $ring, 'repair'));
        self::assertSame(303, $this->act($case, 'kit/pieces', $ring, 'repair'));
        $piece = self::em()->getRepository(KitPiece::class)->findOneBy(['piece' => $ring['piece']]) ?? self::fail('It is not kept.');
        self::assertSame(422, $this->act($case, 'kit/pieces/'.$piece->id, ['used' => '5'], 'repair'));
        self::assertStringContainsString('“5” cannot have gone in: of this piece 4 lay in the kit', $this->said());
        self::assertSame(303, $this->act($case, 'kit/pieces/'.$piece->id, ['used' => '1', 'why' => 'on the relief cap'], 'repair'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/repair")->filter('#pieces')->text();
        self::assertStringContainsString('1 used, 3 left over on purpose: on the relief cap', $page);
        self::assertStringContainsString(
            'Seal set for four sizes, laid out piece by piece 4 O-ring 14 × 1.78 1 used, 3 left over',
            $this->browser->request('GET', "/cases/{$case->number}/work-report")->text(),
        );
        $other = $this->aCase();
        self::assertSame(404, $this->act($other, 'kit/pieces/'.$piece->id.'/remove', [], 'repair'));
        self::assertSame(303, $this->act($case, 'kit/pieces/'.$piece->id.'/remove', [], 'repair'));
        self::assertSame(0, self::em()->getRepository(KitPiece::class)->count(['case' => $case]));
    }

    public function testAnOptionSaysHowLongSuchRepairsLastedAndWhatTheMachiningBudgetSays(): void
    {
        $case = $this->decided();
        $earlier = $this->aCase('PP-7');
        foreach ([[$earlier, 60], [$this->aCase('PP-8'), 20]] as [$one, $days]) {
            $gone = new Handover($one);
            $gone->goneAt = new \DateTimeImmutable("-$days days");
            self::em()->persist($gone);
        }
        $back = $this->aCase('PP-7');
        [$back->comebackOf, $back->madeAt] = [$earlier, new \DateTimeImmutable('-10 days')];
        self::em()->flush();
        self::em()->persist($body = new PartRecord($this->fresh($case), 'body'));
        [$body->disposition, $body->dispositionReason] = [Disposition::Machine, 'bored out'];
        self::em()->flush();
        self::assertStringContainsString(
            'Machining body: nobody has worked out how much may come off',
            $this->browser->request('GET', "/cases/{$case->number}/repair")->text(),
        );
        $this->act($case, 'options/as-it-was', [], 'repair');
        $option = self::em()->getRepository(RepairOption::class)->findOneBy(['case' => $case]) ?? self::fail('It is not kept.');
        self::assertStringContainsString(
            'Of this family 2 repairs went out, 1 came back after 50 days; the others run since 20 days.',
            $option->life,
        );
    }

    public function testACustomerChoosesOnceAndItStandsInTheCase(): void
    {
        $case = $this->decided();
        $offer = $this->offer($case);
        (self::service(MakeOfferHandler::class))(new MakeOffer($offer->id));
        self::em()->refresh($offer);
        self::assertNotNull($offer->pdf);
        $this->browser->getCookieJar()->clear();
        $link = $this->link($offer);
        self::assertStringContainsString('Grains got in.', $this->browser->request('GET', $link)->text());
        $this->browser->request('POST', $link, ['question' => (string) $offer->questions[0]?->id, 'words' => 'No, only topped up.']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('POST', $link, ['choice' => 'cured', 'name' => '', 'words' => 'soon, please']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('soon, please', $this->said(), 'what was typed stays');
        $this->browser->request('POST', $link, ['choice' => 'exchange', 'name' => 'yard']);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode(), 'it was not offered');
        $this->browser->request('POST', $link, ['choice' => 'cured', 'name' => 'yard foreman', 'words' => 'soon']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('POST', $link, ['choice' => 'none', 'name' => 'somebody']);
        self::assertStringContainsString('answered already', $this->said());
        $said = array_map(static fn ($one): string => $one->who.': '.$one->words, $this->fresh($case)->statements->getValues());
        self::assertStringContainsString('yard foreman, customer: Chooses: repaired, and the weak point cured. soon', implode('|', $said));
        self::assertStringContainsString('Asked “Was the tank emptied?”: No, only topped up.', implode('|', $said));
    }

    public function testALinkThatIsExpiredAlteredOrTakenBackOpensNothing(): void
    {
        $case = $this->decided();
        $offer = $this->offer($case);
        $link = $this->link($offer);
        $this->act($case, "offers/{$offer->id}/revoke", [], 'repair');
        $other = $this->offer($case);
        foreach ([
            [$link, 410, 'taken this offer back'],
            [str_replace((string) $offer->id, (string) $other->id, $link), 403, 'changed on its way'],
            [(string) preg_replace('/_expiration=\d+/', '_expiration=9999999999', $this->link($other)), 403, 'changed on its way'],
            ['/offer/'.$other->id, 403, 'not complete'],
            [self::service(UriSigner::class)->sign('/offer/'.$other->id, new \DateTimeImmutable('-1 minute')), 410, 'has expired'],
        ] as [$uri, $status, $says]) {
            $this->browser->request('GET', $uri);
            self::assertSame($status, $this->browser->getResponse()->getStatusCode(), $says);
            self::assertStringContainsString($says, $this->said());
        }
    }

    public function testAnOfferHoldsFromTodayToNinetyDaysAndSaysWhatHappened(): void
    {
        $case = $this->decided();
        $day = static fn (string $until): string => (new \DateTimeImmutable('today '.$until))->format('Y-m-d');
        foreach ([
            ['-1 day', 'x', 'yes', 'A day from today to'],
            ['+91 days', 'x', 'yes', 'A day from today to'],
            ['+30 days', ' ', 'yes', 'Tell the customer what failed'],
            ['+30 days', 'x', '', 'Without a price are:'],
        ] as [$until, $story, $unpriced, $says]) {
            $typed = ['story' => $story, 'until' => $day($until), 'unpriced' => $unpriced];
            self::assertSame(422, $this->act($case, 'offers', $typed, 'repair'), $until.$says);
            self::assertStringContainsString($says, $this->said());
        }
        foreach (['+0 days', '+90 days'] as $until) {
            self::assertEquals(new \DateTimeImmutable('today '.$until), $this->offer($case, $until)->validUntil);
        }
    }
}
