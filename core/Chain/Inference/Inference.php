<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Answers a question: exactly as long as that is possible, otherwise by samples; the answer says which. */
final readonly class Inference
{
    private function __construct(private ?Exact $exact, private Answer $first)
    {
    }

    /** @throws InferenceError */
    public static function answer(Question $question): Answer
    {
        return self::of($question)->first;
    }

    /**
     * For questions that follow each other of the same network, the same being seen.
     *
     * @throws InferenceError
     */
    public static function of(Question $question): self
    {
        $exact = Exact::of($question);

        return new self($exact, $exact?->answer() ?? Sampling::answer($question));
    }

    /** @return array<int, float> node => chance that it is true */
    public function posteriors(): array
    {
        return $this->first->posteriors;
    }

    /** @param Question $question asked of the first one (Question::asking) */
    public function then(Question $question): Answer
    {
        // Samples weigh no finds, and nothing else is asked of them.
        return $this->exact?->asked($question)->answer() ?? $this->first;
    }
}
