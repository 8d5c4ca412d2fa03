<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Report\MakeReport;
use App\Report\MakeReportHandler;
use App\Report\Report;
use App\Verdict\Signing;
use App\Verdict\Verdict;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The document that is signed: its shape, what stands in it, and that whatever is made of it later says the same. */
final class SnapshotTest extends SignedCaseTestCase
{
    private const SCHEMA = __DIR__.'/../../docs/formats/signed-case.schema.json';

    /**
     * Keys as they first appear, times and the text of the book left out: what is left is the same every time.
     *
     * @param array<mixed> $document
     */
    private static function plain(array $document): string
    {
        unset($document['engine'], $document['report']);
        self::assertIsArray($document['book']);
        $document['book'] = array_diff_key($document['book'], ['text' => 1, 'sha256' => 1]);
        $text = json_encode($document, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
        $text = (string) preg_replace(
            ['/\d{4}-\d\d-\d\dT[\d:]+\+\d\d:\d\d/', '/[A-Z]+-\d\d-\d{4}/', '/("(?:mean|guard|size|u|value)": )-?[\d.e-]+/'],
            ['TIME', 'NUMBER', '$1SIZE'],
            $text,
        );
        $keys = [];

        return (string) preg_replace_callback('/[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/', static function (
            array $found,
        ) use (&$keys): string {
            return $keys[$found[0]] ??= 'key-'.(\count($keys) + 1);
        }, $text)."\n";
    }

    public function testItIsWhatTheGoldenFileSaysAndWhatItsSchemaAsks(): void
    {
        $case = $this->signedCase();
        $verdict = self::service(Signing::class)->current($case);
        self::em()->refresh($verdict);
        self::assertIsArray($verdict->snapshot());
        $schema = json_decode((string) file_get_contents(self::SCHEMA));
        self::assertInstanceOf(\stdClass::class, $schema);
        $result = (new Validator())->validate(json_decode((string) json_encode($verdict->snapshot())), $schema);
        $error = $result->error();
        self::assertTrue($result->isValid(), null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error)));
        self::assertStringEqualsFile(__DIR__.'/golden/signed-case.json', self::plain($verdict->snapshot()));
        // Every relation is in it: a node says which finding it stands for, a link from what to what it leads.
        $finding = $verdict->snapshot()['findings'][0]['id'] ?? null;
        self::assertContains($finding, array_column((array) $verdict->snapshot()['nodes'], 'finding'));
        self::assertSame((string) $verdict->origin?->id, $verdict->snapshot()['links'][0]['from'] ?? null);
    }

    public function testAReportMadeAgainAfterTheBookHasChangedSaysTheSame(): void
    {
        $case = $this->signedCase();
        $verdict = self::service(Signing::class)->current($case);
        $first = $this->words($this->made($verdict));
        self::assertStringContainsString('Dirt came in.', $first);
        self::assertStringContainsString('Front bearing block', $first);
        // The shop calls the part by another name from now on.
        $this->signIn(Role::Analyst);
        $this->browser->request(
            'POST',
            '/library/external-gear-pump/words/front-block',
            ['_token' => $this->token('/'), 'word' => 'Pressure plate'],
        );
        self::assertResponseRedirects();
        self::em()->clear();
        $verdict = self::em()->find(Verdict::class, $verdict->id) ?? self::fail();
        self::assertSame($first, $this->words($this->made($verdict)));
        $this->browser->request('GET', '/cases/'.$case->number.'/report');
        self::assertStringContainsString('Front bearing block', $this->browser->getCrawler()->filter('article.paper')->text());
    }

    private function made(Verdict $verdict): Report
    {
        $report = new Report($verdict->case, $verdict, $this->person(Role::Analyst));
        self::em()->persist($report);
        self::em()->flush();
        self::service(MakeReportHandler::class)(new MakeReport($report->id));
        self::assertSame('', $report->error);

        return $report;
    }

    private function words(Report $report): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'report');
        file_put_contents($file, self::service(\App\Platform\StoredFiles::class)->open('reports', (string) $report->hash));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        unlink($file);
        self::assertNotSame('', trim($text));

        return $text;
    }
}
