<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use Symfony\Bundle\SecurityBundle\Security;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\InvalidCsrfTokenException;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use Twig\Environment;

/** Says in the shop's words why something was refused. */
final readonly class ErrorPages
{
    private const AWAY = 'The database does not answer. Nothing that was saved is lost, and this was not saved: what you typed is still in '
        .'the fields when you go back. It is being started again; try once more in a few seconds.';

    private const FULL = 'The disk of the database is full: this was not saved, and what you typed is still in the fields when you go '
        .'back. Nothing that was saved before is lost. Tell whoever looks after the server to make room, then save again.';

    public function __construct(
        private Environment $twig,
        private Security $security,
        private RequestNumber $number,
        #[Autowire('%kernel.debug%')] private bool $debug,
    ) {
    }

    /** The database is away, or its disk is full: said without it, since the frame of a page asks it. */
    #[AsEventListener(priority: 10)]
    public function away(ExceptionEvent $event): void
    {
        $status = self::isFull($event->getThrowable()) ? 507 : (self::isAway($event->getThrowable()) ? 503 : 0);
        if (0 === $status) {
            return;
        }
        $says = 507 === $status ? self::FULL : self::AWAY;
        $request = $event->getRequest();
        $response = self::wantsJson($request)
            ? new JsonResponse(['error' => $says], $status)
            : new Response($this->twig->render('platform/away.html.twig', ['message' => $says]), $status);
        $response->headers->add(['X-Refused' => 'yes', 'Retry-After' => '5']);
        $event->setResponse($response);
        $event->allowCustomResponseCode();
        $event->stopPropagation();
    }

    #[AsEventListener(priority: 5)]
    public function refused(ExceptionEvent $event): void
    {
        $said = $this->said($event->getThrowable());
        if (null !== $said) {
            $this->say($event, ...$said);
        }
    }

    /** A fault of the program, after it was logged. */
    #[AsEventListener(priority: -100)]
    public function failed(ExceptionEvent $event): void
    {
        if (!$this->debug && !$event->getThrowable() instanceof HttpExceptionInterface) {
            $this->say($event, 500, \sprintf(
                'The program has failed at this, and has written down why (%s, number %s). What was saved before is safe; what you '
                    .'typed is still in the fields when you go back.',
                now()->format('j M Y H:i:s'),
                $this->number->number(),
            ));
        }
    }

    private function say(ExceptionEvent $event, int $status, string $message): void
    {
        $request = $event->getRequest();
        $response = self::wantsJson($request)
            ? new JsonResponse(['error' => $message], $status)
            : new Response($this->twig->render('platform/error.html.twig', ['status' => $status, 'message' => $message]), $status);
        // What was sent is still in its form: the page need not give way to this one.
        $response->headers->set('X-Refused', 'yes');
        $event->setResponse($response);
        $event->allowCustomResponseCode();
    }

    private static function wantsJson(Request $request): bool
    {
        return str_starts_with($request->getPathInfo(), '/api/')
            || \in_array('application/json', $request->getAcceptableContentTypes(), true);
    }

    private static function isAway(?\Throwable $error): bool
    {
        for (; null !== $error; $error = $error->getPrevious()) {
            // SQLSTATE: class 08 is the connection, 57P the server that goes down or comes up, 53300 too many connections.
            if ($error instanceof ConnectionException || ($error instanceof \PDOException && self::isCut($error))) {
                return true;
            }
        }

        return false;
    }

    private static function isFull(?\Throwable $error): bool
    {
        for (; null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof \PDOException && '53100' === (string) ($error->errorInfo[0] ?? $error->getCode())) {
                return true;
            }
        }

        return false;
    }

    private static function isCut(\PDOException $error): bool
    {
        return 1 === preg_match('/^(08...|57P0.|53300)$/', (string) ($error->errorInfo[0] ?? $error->getCode()))
            || 1 === preg_match('/server closed the connection|no connection to the server/', $error->getMessage());
    }

    /** @return array{int, string}|null */
    private function said(\Throwable $error): ?array
    {
        return match (true) {
            $error instanceof ShopError => [$error->status, $error->getMessage()],
            $error instanceof OptimisticLockException, $error instanceof UniqueConstraintViolationException => [
                409,
                'Somebody else saved the same thing in the same moment. Nothing of theirs was overwritten: go back, look at '
                    .'both, and save again.',
            ],
            $error instanceof DriverException
                && 'P0001' === $error->getSQLState() => [
                    409,
                    \sprintf(
                        'This stays as it is: %s.',
                        1 === preg_match('/ERROR:\s+(.+)/', $error->getMessage(), $says)
                            ? $says[1]
                            : 'something that was signed rests on it',
                    ),
                ],
            $error instanceof InvalidCsrfTokenException => [
                403,
                'This page was open too long and its key has run out. Go back, load it again, and save; what you typed is still '
                    .'in the fields.',
            ],
            $error instanceof AccessDeniedException
                && null !== $this->security->getUser() => [
                    403,
                    'Access Denied.' === $error->getMessage() || str_starts_with($error->getMessage(), 'Access Denied')
                        ? 'Your role may look at this but not change it. Ask an analyst, or sign in as somebody who may.'
                        : $error->getMessage(),
                ],
            $error instanceof RequestExceptionInterface,
            $error instanceof HttpExceptionInterface && 400 === $error->getStatusCode(),
            $error instanceof HttpExceptionInterface && $error->getPrevious() instanceof ValidationFailedException => [
                400,
                'What was sent cannot be read: a field holds a list where one value belongs, or the other way round. Go back '
                    .'and send the form of the page.',
            ],
            $error instanceof HttpExceptionInterface
                && 404 === $error->getStatusCode() => [
                    404,
                    'There is nothing under this address. It may have been removed, or the number is mistyped.',
                ],
            $error instanceof HttpExceptionInterface && 405 === $error->getStatusCode() => [405, 'This address takes no such request.'],
            default => null,
        };
    }
}
