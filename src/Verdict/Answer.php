<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\ChainNode;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Verdict\Responsibility;
use Symfony\Component\Validator\Constraints as Assert;

/** What is answered to a complaint: its origin, or that none was found; who carries it, whole or divided. */
trait Answer
{
    /** The origin in the chain; null with `causeNotFound`. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?ChainNode $origin = null;

    /** "Cause not found" is an honest verdict; `atRisk` of the verdict then says what stays at risk. */
    #[ORM\Column]
    public bool $causeNotFound = false;

    #[ORM\Column(length: 20, nullable: true, enumType: Responsibility::class)]
    public ?Responsibility $responsibility = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 8000)]
    public string $statement = '';

    /**
     * Responsibility divided, each share with the links of the chain that it rests on; empty: all of it is carried by `responsibility`.
     *
     * @var list<array{who: string, percent: int, links: list<string>}>
     */
    #[ORM\Column(type: 'json')]
    public array $shares = [];

    /** Hash of the chain that the shares were set for. */
    #[ORM\Column(length: 64)]
    public string $sharesFor = '';

    /** What was found, in a word or the origin's name; null: nothing is answered yet. */
    public function found(): ?string
    {
        return $this->causeNotFound ? 'Cause not found' : $this->origin->name ?? $this->signedName();
    }

    /**
     * Who carries most is who carries it, in a word.
     *
     * @param list<array{who: string, percent: int, links: list<string>}> $shares the largest first; none: it is not divided
     * @param string $chain hash of the chain that they were set for
     */
    public function divide(array $shares, string $chain): void
    {
        [$this->shares, $this->sharesFor] = [$shares, $chain];
        $this->responsibility = [] === $shares ? $this->responsibility : Responsibility::from($shares[0]['who']);
    }

    /** The origin as it was signed, where it is no longer in the chain. */
    private function signedName(): ?string
    {
        [$document, $of] = $this instanceof OwnAnswer
            ? [$document = $this->verdict->snapshot(), $document['verdict']['own'] ?? []]
            : [$document = $this->snapshot(), [$document['verdict'] ?? []]];
        foreach (\is_array($of) ? $of : [] as $answer) {
            foreach (
                \is_array($answer) && ($answer['id'] ?? null) === (string) $this->id && \is_array($document['nodes'] ?? null)
                    ? $document['nodes']
                    : [] as $node
            ) {
                if (\is_array($node) && null !== ($answer['origin'] ?? null) && ($node['id'] ?? null) === $answer['origin']) {
                    return \is_string($node['name'] ?? null) ? $node['name'] : null;
                }
            }
        }

        return null;
    }

    private function takeFrom(self $earlier): void
    {
        [$this->origin, $this->causeNotFound, $this->responsibility, $this->statement, $this->shares, $this->sharesFor]
            = [
                $earlier->origin,
                $earlier->causeNotFound,
                $earlier->responsibility,
                $earlier->statement,
                $earlier->shares,
                $earlier->sharesFor,
            ];
    }
}
