<?php

declare(strict_types=1);

namespace App\Shop;

use App\Intake\CaseFile;
use App\Intake\YesNo;
use App\Verdict\Warranty\PolicyText;
use App\Verdict\Warranty\ShopPolicy;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\ORM\EntityManagerInterface;

/** The warranties of the demo, and what they ask of its cases. */
final readonly class DemoWarranties
{
    public function __construct(private EntityManagerInterface $em, private PolicyText $text)
    {
    }

    /** @param list<mixed> $texts */
    public function policies(array $texts, string $who): void
    {
        foreach ($texts as $text) {
            $text = \is_string($text) ? $text : '';
            $problems = $this->text->problems($text);
            if ([] !== $problems) {
                throw new \LogicException('A policy of the demo is wrong: '.$problems[0]['message']);
            }
            $content = $this->text->content($text);
            $this->em->persist(new ShopPolicy(\is_string($content['policy']) ? $content['policy'] : '', $text, $content, $who));
        }
    }

    /** @param array<string, mixed> $row days before today, and proofs as yes or no */
    public function facts(CaseFile $case, array $row): void
    {
        if ([] === $row) {
            return;
        }
        $facts = new WarrantyFacts($case);
        foreach ($row as $name => $value) {
            (new \ReflectionProperty($facts, $name))->setValue($facts, \is_int($value) ? new \DateTimeImmutable("today -$value days") : YesNo::from(\is_string($value) ? $value : ''));
        }
        $this->em->persist($facts);
    }
}
