<?php

declare(strict_types=1);

namespace App\Platform;

use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Email;

/** Letters by mail, where the shop has said by which server (JAPHREX_MAIL); without one, whoever wrote them prints them. */
final readonly class Letters
{
    public function __construct(
        private MailerInterface $mailer,
        private LoggerInterface $logger,
        #[Autowire('%app.mail%')]
        private string $server,
        #[Autowire('%app.mail_from%')]
        private string $from,
    ) {
    }

    public function hasServer(): bool
    {
        return 'null://null' !== $this->server;
    }

    /** @return bool whether the server took it */
    public function send(string $to, string $subject, string $text): bool
    {
        if (!$this->hasServer() || '' === $to) {
            return false;
        }
        try {
            $this->mailer->send((new Email())->from($this->from)->to($to)->subject($subject)->text($text));

            return true;
        } catch (TransportExceptionInterface $error) {
            $this->logger->error('A letter was not sent: '.$error->getMessage());

            return false;
        }
    }
}
