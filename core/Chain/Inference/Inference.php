<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Answers a question: exactly as long as that is possible, otherwise by samples; the answer says which. */
final class Inference
{
    /** @throws InferenceError */
    public static function answer(Question $question): Answer
    {
        return Exact::of($question)?->answer() ?? Sampling::answer($question);
    }
}
