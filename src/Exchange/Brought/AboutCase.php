<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

/** What bundle.json says of a case, after its shape was checked. */
final readonly class AboutCase
{
    public string $number;
    public string $from;
    public string $family;
    public string $unit;
    public string $serial;
    public ?\DateTimeImmutable $signedAt;

    /** Digest of the document as it was signed; null: it was sent while it was open. */
    public ?string $digest;

    /** First and second who signed. */
    public string $signedBy;

    /** @var list<BroughtPicture> */
    public array $photos;

    /** @var list<BroughtPicture> */
    public array $clips;

    public bool $hasReport;

    /** @param \stdClass $said as docs/formats/case-bundle.schema.json describes it */
    public function __construct(\stdClass $said)
    {
        [$this->number, $this->from, $this->family] = [$said->case, $said->from, $said->family];
        $this->unit = mb_substr(trim($said->unit->maker.' '.$said->unit->model), 0, 200);
        $this->serial = $said->unit->serial;
        $signed = $said->signed;
        $this->signedAt = null === $signed ? null : new \DateTimeImmutable($signed->{'second-at'});
        $this->digest = $signed->digest ?? null;
        $this->signedBy = null === $signed ? '' : implode(' and ', array_filter([$signed->first, $signed->second]));
        $this->photos = array_values(array_map(BroughtPicture::of(...), $said->photos));
        $this->clips = array_values(array_map(BroughtPicture::of(...), $said->clips));
        $this->hasReport = null !== $said->report;
    }

    /** @return list<string> paths of the files that it speaks of, below data/ */
    public function paths(): array
    {
        $paths = $this->hasReport ? ['report.pdf'] : [];
        foreach ([...$this->photos, ...$this->clips] as $one) {
            $paths = [...$paths, $one->file, ...null === $one->marks ? [] : [$one->marks]];
        }

        return $paths;
    }
}
