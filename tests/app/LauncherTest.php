<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The parts of the launcher that can be asked without starting a shop. */
final class LauncherTest extends TestCase
{
    private static function launch(string ...$words): Process
    {
        $process = new Process(['./japhrex', ...array_values($words)], \dirname(__DIR__, 2), timeout: 60);
        $process->run();

        return $process;
    }

    /** Runs a line of bash with the launcher's parts loaded. */
    private static function bash(string $line): Process
    {
        $process = new Process(
            ['bash', '-c', 'ROOT=$PWD; for p in packages cluster stack shop nodes keep; do . bin/launcher/$p.sh; done; '.$line],
            \dirname(__DIR__, 2),
            timeout: 60,
        );
        $process->run();

        return $process;
    }

    public function testFiguresNeedNoServerAndEndWithTwoOnBadInput(): void
    {
        $good = self::launch('figure', 'side-clearance', 'pocket-depth=26.06mm', 'gear-thickness=26mm', '--json');
        self::assertSame(0, $good->getExitCode(), $good->getErrorOutput());
        /** @var array{results: array{clearance: array{value: float}}} $answer */
        $answer = json_decode($good->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(0.06, $answer['results']['clearance']['value'], 1e-9);
        $bad = self::launch('figure', 'side-clearance', 'pocket-depth=26.06mm', '--json');
        self::assertSame(2, $bad->getExitCode());
        self::assertSame('gear-thickness', ((array) json_decode($bad->getOutput(), true))['key']);
        self::assertSame('', $bad->getErrorOutput());
    }

    public function testAWordItDoesNotKnowIsSaidWithWhatItKnows(): void
    {
        $process = self::launch('dance');
        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString('there is no "dance"', $process->getErrorOutput());
        self::assertStringContainsString('./japhrex start', self::launch()->getOutput());
    }

    public function testANodeIsToldWhatItLacksAndStartsNothingOfItsOwn(): void
    {
        $process = self::bash('unset DATABASE_URL APP_SECRET; JAPHREX_STORE=s3://k:s@store/evidence; node_env');
        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString('which shop it belongs to: DATABASE_URL APP_SECRET;', $process->getErrorOutput());
    }

    public function testMissingPackagesWithoutRootNameTheLineToRun(): void
    {
        $process = self::bash('missing_packages() { echo graphviz weasyprint; }; id() { echo 1000; }; need_packages serve');
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('sudo apt-get install --no-install-recommends graphviz weasyprint', $process->getErrorOutput());
    }

    public function testPortsAreFoundNotFixed(): void
    {
        $process = self::bash(
            'a=$(free_port); port_is_free $a && echo free; php -r "\$s = stream_socket_server(\"tcp://127.0.0.1:\$argv[1]\"); '
                .'sleep(2);" $a & sleep 0.7; port_is_free $a || echo taken'
        );
        self::assertSame("free\ntaken\n", $process->getOutput());
    }

    public function testAStampKnowsWhetherItsFolderIsStillRight(): void
    {
        $process = self::bash(
            'f=$(mktemp); echo 1 >$f; fresh $f 1 && echo same; fresh $f 2 || echo changed; rm $f; fresh $f 1 || echo gone'
        );
        self::assertSame("same\nchanged\ngone\n", $process->getOutput());
    }

    public function testWhatDiesBeginsAgainWithoutWhatItLeftBehind(): void
    {
        // A master that begins a helper and is killed: its helper goes with it, and another master comes.
        $process = self::bash(
            'd=$(mktemp -d); VAR=$d; mkdir $d/log; '
                .'printf \'#!/bin/bash\necho $$ >>%s/masters\nsleep 60 & echo $! >>%s/helpers\nwait\n\' $d $d >$d/run; chmod +x $d/run; '
                .'keep it 0.1 $d/run; sleep 0.5; kill -KILL $(head -1 $d/masters); sleep 0.8; wc -l <$d/masters; '
                .'grep -qs "State:.S" /proc/$(head -1 $d/helpers)/status && echo left || echo gone; '
                .'kill ${STACK_PIDS[0]}; wait ${STACK_PIDS[0]}; rm -rf $d'
        );
        self::assertSame("2\ngone\n", $process->getOutput(), $process->getErrorOutput());
    }

    public function testTheDemoIsNotOpenedToTheNetworkWithoutAWord(): void
    {
        $ask = static fn (string $settings): Process => self::bash('shop_kind() { echo demo; }; '.$settings.' guard_demo && echo open');
        self::assertSame("open\n", $ask('LISTEN=127.0.0.1')->getOutput());
        $refused = $ask('LISTEN=0.0.0.0');
        self::assertSame([1, ''], [$refused->getExitCode(), $refused->getOutput()]);
        self::assertStringContainsString('everybody knows the passwords', $refused->getErrorOutput());
        self::assertSame("open\n", $ask('LISTEN=0.0.0.0 DEMO_OPEN=yes')->getOutput());
    }

    public function testAShopIsAskedForByItsOwnNamesOnly(): void
    {
        $names = self::bash('JAPHREX_ADDRESS=https://japhrex.brant.example:8443/ trusted_hosts')->getOutput();
        self::assertSame('^localhost$,^127\.0\.0\.1$,^japhrex\.brant\.example$', $names);
    }

    public function testBookCheckReportsFileAndLine(): void
    {
        $file = sys_get_temp_dir().'/japhrex-book.yaml';
        file_put_contents($file, "book: a\ntitle: A\n");
        $process = self::launch('book', 'check', $file);
        unlink($file);
        self::assertSame(1, $process->getExitCode());
        self::assertMatchesRegularExpression('~japhrex-book\.yaml:\d+: ~', $process->getOutput());
        self::assertStringContainsString('nothing wrong', self::launch('book', 'check')->getOutput());
    }
}
