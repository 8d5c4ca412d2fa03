<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\OurShop;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Account\ShopKind;
use App\Memory\Repository\AskRepository;
use App\Platform\Letters;
use App\Proof\Handover;
use App\Proof\ProofDesk;
use App\Shop\Backup\LastBackup;
use App\Shop\Letters\DailyLetters;
use App\Shop\Verify\Verification;
use Psr\Log\NullLogger;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Process\Process;

/** Letters go by the shop's mail server, here by the stand-in that keeps what it was sent. */
final class LettersTest extends AppTestCase
{
    private Process $server;
    private string $folder;
    private string $address;

    protected function setUp(): void
    {
        parent::setUp();
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail();
        $port = (int) parse_url('tcp://'.stream_socket_get_name($socket, false), \PHP_URL_PORT);
        fclose($socket);
        $this->folder = sys_get_temp_dir().'/letters-'.bin2hex(random_bytes(4));
        $this->server = new Process(['php', 'stand-ins/mail/server.php', (string) $port, $this->folder], \dirname(__DIR__, 2));
        $this->server->start();
        $this->address = "smtp://127.0.0.1:$port";
        for ($i = 0; $i < 100 && !is_dir($this->folder); ++$i) {
            usleep(20_000);
        }
        usleep(100_000);
    }

    protected function tearDown(): void
    {
        $this->server->stop(1);
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    private function letters(string $server): Letters
    {
        return new Letters(new Mailer(Transport::fromDsn($server)), new NullLogger(), $server, 'japhrex@brant.example');
    }

    /** @return list<string> */
    private function sent(): array
    {
        return array_map(
            static fn (string $file): string => quoted_printable_decode((string) file_get_contents($file)),
            glob($this->folder.'/*.eml') ?: [],
        );
    }

    public function testALetterIsHandedInAndOneWithoutAServerOrWithADeadOneIsNot(): void
    {
        self::assertTrue($this->letters($this->address)->send('ida@brant.example', 'Your password', "Choose it here.\n.\nEnd"));
        self::assertCount(1, $this->sent());
        self::assertStringContainsString('To: ida@brant.example', $this->sent()[0]);
        self::assertStringContainsString("Choose it here.\r\n.\r\nEnd", $this->sent()[0], 'a line of one dot ends no letter');
        self::assertFalse($this->letters('null://null')->send('ida@brant.example', 'x', 'x'));
        self::assertFalse($this->letters('smtp://127.0.0.1:1')->send('ida@brant.example', 'x', 'x'));
    }

    public function testAnalystsHearWhatIsWrongAndNobodyHearsOfNothing(): void
    {
        foreach ([Role::Analyst, Role::Desk, Role::Bench] as $role) {
            $this->person($role)->mail = $role->name.'@brant.example';
        }
        self::service(OurShop::class)->settings()->kind = ShopKind::Shop;
        self::em()->flush();
        $backup = self::service(LastBackup::class);
        $daily = new DailyLetters(
            self::service(UserRepository::class),
            self::service(ProofDesk::class),
            self::service(AskRepository::class),
            self::service(Verification::class),
            $backup,
            $this->letters($this->address),
            self::service(OurShop::class),
        );
        $backup->note(new \DateTimeImmutable(), '/mnt/backup');
        self::assertSame(0, $daily->send());
        $backup->note(new \DateTimeImmutable('-3 days'), '/mnt/backup');
        self::assertSame(1, $daily->send());
        self::assertStringContainsString('To: Analyst@brant.example', $this->sent()[0]);
        self::assertStringContainsString('The last backup is of', $this->sent()[0]);
    }

    public function testACallBackGoesByMailToTheAddressThatIsTyped(): void
    {
        $this->signIn(Role::Analyst);
        $case = $this->aCase('A-1');
        $this->act($case, 'fitted', ['part' => 'shaft-seal', 'supplier' => 'Skerry Seals', 'batch' => 'K7-114'], 'fitted');
        $handover = new Handover($this->fresh($case));
        $handover->goneAt = new \DateTimeImmutable('-30 days');
        self::em()->persist($handover);
        self::em()->flush();
        self::getContainer()->set(Letters::class, $this->letters($this->address));
        $fields = ['why' => 'Its lip tears.', 'mark' => 'K7-114', 'owner' => 'Fish quay'];
        $fields['_token'] = $this->token('/batches/K7-114');
        foreach (['nobody' => 422, 'quay@brant.example' => 303] as $to => $status) {
            $this->browser->request('POST', '/batches-letters', ['to' => $to] + $fields);
            self::assertResponseStatusCodeSame($status);
        }
        self::assertCount(1, $this->sent());
        foreach (['To: quay@brant.example', 'Its lip tears.', 'serial A-1', 'lock its drive'] as $says) {
            self::assertStringContainsString($says, $this->sent()[0]);
        }
    }
}
