<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Intake\CaseFile;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** Shows a page of a case: what the page was handed, in the frame of the case. */
final readonly class CasePages
{
    public function __construct(private CaseFrames $frames, private Environment $twig)
    {
    }

    /** @param array<string, mixed> $with what the template shows; it has `case`, `book` and `frame` besides */
    public function show(CaseFile $case, string $template, array $with = [], int $status = Response::HTTP_OK): Response
    {
        $frame = $this->frames->frameOf($case);

        return new Response(
            $this->twig->render($template, ['case' => $case, 'book' => $frame->book, 'frame' => $frame] + $with),
            $status,
        );
    }
}
