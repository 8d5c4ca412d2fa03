<?php

declare(strict_types=1);

namespace App\Intake;

use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Model;

/** What of a unit the book filled in by its model, and nobody has read on the unit. */
trait FilledFromBook
{
    /** @var array<string, string> field => what the book's model filled in there and nobody has read on the unit; `model`: which it is */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $fromBook = [];

    /**
     * Keeps what follows from the unit's facts in step; called whenever they are saved.
     *
     * @param Model|null $model that of the book, where maker and model are one of its
     */
    public function settle(?Model $model): void
    {
        $this->serialKey = self::serialKey($this->serial);
        $now = ['displacement' => $this->displacement, 'rotation' => $this->rotation->value ?? ''];
        // What somebody has typed instead is no longer the book's.
        $this->fromBook = array_filter(
            $this->fromBook,
            static fn (string $filled, string $field): bool => 'model' === $field || $now[$field] === $filled,
            \ARRAY_FILTER_USE_BOTH,
        );
        if (($this->fromBook['model'] ?? '') !== ($model?->name() ?? '')) {
            $this->fillFrom($model, $now);
        }
    }

    public function isFromBook(string $field): bool
    {
        return isset($this->fromBook[$field]);
    }

    /** What the book filled in was seen on the unit too. */
    public function readOnUnit(): void
    {
        $this->fromBook = array_intersect_key($this->fromBook, ['model' => true]);
    }

    /** @param array<string, string> $now */
    private function fillFrom(?Model $model, array $now): void
    {
        $filled = null === $model ? [] : ['model' => $model->name()];
        foreach ($now as $field => $value) {
            $known = $model->facts[$field] ?? '';
            if ('' === $value || isset($this->fromBook[$field])) {
                $now[$field] = $known;
                $filled += '' === $known ? [] : [$field => $known];
            }
        }
        $this->fromBook = $filled;
        [$this->displacement, $this->rotation] = [$now['displacement'], Rotation::tryFrom($now['rotation'])];
    }
}
