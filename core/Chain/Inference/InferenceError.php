<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** A network, evidence or question that cannot be answered; the message says what was wrong and what would be right. */
final class InferenceError extends \DomainException
{
    /** @param string|null $node id of the node it is about, if it is about one */
    public function __construct(string $message, public readonly ?string $node = null)
    {
        parent::__construct($message);
    }
}
