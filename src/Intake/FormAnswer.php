<?php

declare(strict_types=1);

namespace App\Intake;

use App\Intake\Frame\CasePages;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Answers a form that was saved: a quiet mark where it saves itself, a redirect where it was sent. */
final readonly class FormAnswer
{
    public function __construct(private CasePages $pages, private UrlGeneratorInterface $urls)
    {
    }

    /**
     * @param FormInterface<mixed> $form made anew from what is stored now
     * @param array<string, string> $parameters of the route
     * @param list<string> $besides templates of what else of the page has changed by it, with `oob` set
     */
    public function saved(
        Request $request,
        CaseFile $case,
        FormInterface $form,
        string $route,
        array $parameters = [],
        array $besides = [],
    ): Response {
        if ('1' === $request->headers->get('X-Autosave')) {
            return $this->pages->show($case, 'platform/saved.html.twig', ['form' => $form->createView(), 'besides' => $besides]);
        }

        return new RedirectResponse($this->urls->generate($route, ['number' => $case->number] + $parameters), Response::HTTP_SEE_OTHER);
    }
}
