<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\CaseFile;
use App\Proof\Handover;

/** Parts that are bought by the batch are written down by it and can be called back. */
final class BatchTest extends AppTestCase
{
    private function fit(CaseFile $case, string $batch, string $code = ''): int
    {
        return $this->act($case, 'fitted', [
            'part' => 'shaft-seal', 'supplier' => 'Skerry Seals', 'batch' => $batch, 'dateCode' => $code,
        ], 'fitted');
    }

    private function letOut(CaseFile $case): void
    {
        $handover = new Handover($this->fresh($case));
        $handover->goneAt = new \DateTimeImmutable('-30 days');
        self::em()->persist($handover);
        self::em()->flush();
    }

    public function testABatchTellsWhichUnitsHaveItAndWhoseTheyAre(): void
    {
        $this->signIn(Role::Bench);
        [$out, $here] = [$this->aCase('A-1'), $this->aCase('A-2')];
        $this->letOut($out);
        self::assertSame(303, $this->fit($out, 'K7-114'));
        self::assertSame(303, $this->fit($here, 'k7-114', '22/26'));
        self::assertSame(422, $this->fit($here, ''));
        self::assertStringContainsString('it cannot be called back', $this->said());
        $page = $this->browser->request('GET', '/batches/K7-114')->filter('main')->text();
        self::assertStringContainsString('1 of 2 is out there with it', $page);
        self::assertStringContainsString($out->customer, $page);
        $this->browser->request('GET', '/cases?q=batch:K7-114');
        self::assertStringContainsString($here->number, $this->said());
        $this->browser->request('GET', '/batches/K9');
        self::assertStringContainsString('No part with the batch or date code “K9” is written down', $this->said());
    }

    public function testAUnitThatCameInAgainIsNotSaidToBeOutThereWithIt(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('A-1');
        $this->fit($case, 'K7-114');
        $this->letOut($case);
        $earlier = $this->fresh($case);
        $again = $this->aCase('A-1');
        $again->comesBackFrom($earlier);
        self::em()->flush();
        $page = $this->browser->request('GET', '/batches/K7-114')->filter('main')->text();
        self::assertStringContainsString('0 of 1 are out there with it', $page);
        self::assertStringContainsString('came in again as '.$again->number, $page);
    }

    public function testEachOwnerOfAUnitThatIsOutThereGetsALetter(): void
    {
        $this->signIn(Role::Bench);
        $case = $this->aCase('A-1');
        $this->fit($case, 'K7-114');
        $this->signIn(Role::Desk);
        $this->browser->request('GET', '/batches-letters?mark=K7-114');
        self::assertResponseStatusCodeSame(404, 'it is in the shop');
        $this->letOut($case);
        $this->browser->request('GET', '/batches-letters?mark=K7-114&why=The+lip+can+tear.');
        self::assertResponseHeaderSame('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }
}
