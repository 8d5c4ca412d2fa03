<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Exchange\Api\ApiToken;
use App\Exchange\Api\GiveToken;
use App\Report\MakeReport;
use App\Report\MakeReportHandler;
use App\Report\Report;
use Opis\JsonSchema\Validator;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Yaml\Yaml;

/** Other programs read with a token; what docs/formats/openapi.yaml says of each answer is held against the answer. */
final class ApiTest extends AppTestCase
{
    private const DESCRIPTION = __DIR__.'/../../docs/formats/openapi.yaml';

    private function ask(string $path, string $token = ''): int
    {
        $this->browser->request('GET', $path, server: '' === $token ? [] : ['HTTP_AUTHORIZATION' => 'Bearer '.$token]);

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testEachPathOfTheDescriptionAnswersAsItSays(): void
    {
        $case = $this->aG28();
        $analyst = $this->person(Role::Analyst);
        $this->browser->loginUser($analyst);
        $photo = self::service(PhotoIntake::class)
            ->take(__DIR__.'/../../demo/photos/block-good.jpg', 'block.jpg', $case, 'front-block', PhotoStage::AsFound);
        self::em()->persist($report = new Report($case, null, $analyst));
        self::em()->flush();
        self::service(MakeReportHandler::class)(new MakeReport($report->id));
        $this->browser->restart();
        $all = self::service(GiveToken::class)->give($analyst, 'stock program', ['cases', 'photos', 'papers'], 30);
        $one = [];
        foreach (['cases', 'photos', 'papers'] as $scope) {
            $one[$scope] = self::service(GiveToken::class)->give($analyst, $scope, [$scope], 30);
        }

        $said = Yaml::parseFile(self::DESCRIPTION, Yaml::PARSE_OBJECT_FOR_MAP);
        self::assertInstanceOf(\stdClass::class, $said);
        $walked = [];
        foreach (get_object_vars($said->paths) as $path => $methods) {
            self::assertSame(['get'], array_keys(get_object_vars($methods)), 'nothing is written');
            $url = '/api/v1'.strtr($path, ['{number}' => $case->number, '{id}' => (string) $photo->id]);
            self::assertSame(200, $this->ask($url, $all), $path);
            $this->fits($said, $methods->get->responses->{'200'}->content, $path);
            $walked[] = '/api/v1'.$path;
            $scope = $methods->get->{'x-scope'} ?? null;
            self::assertSame(null === $scope ? 200 : 401, $this->ask($url), $path);
            foreach (null === $scope ? [] : $one as $has => $token) {
                self::assertSame($has === $scope ? 200 : 403, $this->ask($url, $token), "$path with $has");
            }
            if (str_contains($path, '{number}')) {
                self::assertSame(404, $this->ask(str_replace($case->number, 'OQ-00-0000', $url), $all), $path);
                self::assertIsString(json_decode((string) $this->browser->getResponse()->getContent())->error ?? null);
            }
        }
        $routes = array_filter(
            array_map(static fn ($route): string => $route->getPath(), self::service(RouterInterface::class)->getRouteCollection()->all()),
            static fn (string $path): bool => str_starts_with($path, '/api/'),
        );
        self::assertEqualsCanonicalizing(array_values($routes), $walked, 'no path is left out of the description');
    }

    private function fits(\stdClass $said, \stdClass $content, string $path): void
    {
        $type = (string) $this->browser->getResponse()->headers->get('Content-Type');
        $asked = (string) array_key_first(get_object_vars($content));
        self::assertTrue(fnmatch($asked.'*', $type), "$path is $type");
        $schema = $content->{$asked}->schema ?? null;
        if (null !== $schema) {
            $whole = (object) ['$ref' => $schema->{'$ref'}, 'components' => $said->components];
            $result = (new Validator())->validate(json_decode((string) $this->browser->getInternalResponse()->getContent()), $whole);
            self::assertTrue($result->isValid(), $path.': '.json_encode($result->error()?->data()->value()));
        }
    }

    public function testATokenEndsWithItsDayItsPersonAndByHand(): void
    {
        $bench = $this->person(Role::Bench);
        $give = self::service(GiveToken::class);
        $token = $give->give($bench, 'wall screen', ['cases'], 30);
        self::assertSame(200, $this->ask('/api/v1/cases', $token));
        self::assertSame(422, $this->ask('/api/v1/cases?q=scored>=', $token));
        self::assertSame(401, $this->ask('/api/v1/cases', str_repeat('0', 40)));
        $kept = self::em()->getRepository(ApiToken::class)->findOneBy(['name' => 'wall screen']);
        self::assertNotNull($kept);
        self::assertNotSame($token, $kept->hash, 'what is kept opens nothing');
        $kept->until = new \DateTimeImmutable('-1 minute');
        self::em()->flush();
        self::assertSame(401, $this->ask('/api/v1/cases', $token));

        $bench = $this->person(Role::Bench);
        $second = self::service(GiveToken::class)->give($bench, 'second', ['cases'], 30);
        $this->signIn(Role::Desk);
        $this->browser->request('GET', '/exchange/tokens');
        self::assertStringNotContainsString('wall screen', (string) $this->browser->getResponse()->getContent(), 'tokens of others');
        $this->person(Role::Bench)->disabledAt = new \DateTimeImmutable();
        self::em()->flush();
        $this->browser->restart();
        self::assertSame(401, $this->ask('/api/v1/cases', $second));
    }
}
