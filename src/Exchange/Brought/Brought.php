<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Account\Actor;
use App\Account\AuditedInPart;
use App\Account\DoneBy;
use App\Exchange\Repository\BroughtRepository;
use App\Intake\CaseFile;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A case of another shop, as it came in its bag: to be read, never changed. */
#[ORM\Entity(repositoryClass: BroughtRepository::class, readOnly: true)]
#[ORM\Table(name: 'brought_case')]
#[ORM\Index(columns: ['serial_key'])]
class Brought implements AuditedInPart
{
    use DoneBy;
    use Identified;

    public const AREA = 'brought';

    #[ORM\Column(length: 20)]
    public string $number;

    /** The shop that it came from. */
    #[ORM\Column(name: 'from_shop', length: 120)]
    public string $from;

    #[ORM\Column(length: 60)]
    public string $family;

    #[ORM\Column(length: 200)]
    public string $unit;

    #[ORM\Column(length: 80)]
    public string $serial;

    /** Letters and digits of the serial alone, as it is compared. */
    #[ORM\Column(length: 80)]
    public string $serialKey;

    /** When both had signed there; null: it was sent while it was open. */
    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $signedAt;

    /** @var array<string, string> elements of its bag-info.txt, but for when it was packed */
    #[ORM\Column(type: 'json', options: ['jsonb' => false])]
    public array $info;

    /** @var array<string, string> digest under which each file is kept, by path in the bag, below data/ */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $files;

    #[ORM\Column(type: Types::BIGINT)]
    public int $bytes;

    public function __construct(
        OpenedBag $bag,
        /** Over all that it holds: the same bag is here once. */
        #[ORM\Column(length: 64, unique: true, options: ['fixed' => true])]
        public string $digest,
        Actor $who,
    ) {
        $this->identify();
        $this->doneBy($who);
        $about = $bag->about;
        [$this->number, $this->from, $this->family, $this->unit] = [$about->number, $about->from, $about->family, $about->unit];
        [$this->serial, $this->serialKey] = [$about->serial, CaseFile::serialKey($about->serial)];
        $this->signedAt = $about->signedAt;
        [$this->info, $this->files, $this->bytes] = [$bag->info, $bag->digests, $bag->bytes];
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditFields(): array
    {
        return ['byWhom', 'number', 'from', 'digest'];
    }

    public function auditName(): string
    {
        return \sprintf('Case %s brought from %s', $this->number, $this->from);
    }
}
