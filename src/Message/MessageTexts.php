<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Care\LetterText;
use KindHeel\Core\Text\FieldError;

/** The workshop's own words on each occasion, and the facts that are put into them. */
final readonly class MessageTexts
{
    public function __construct(private WorkshopSettings $settings)
    {
    }

    public function of(Occasion $occasion): MessageTextView
    {
        $own = $this->settings->letter($occasion->value);

        return new MessageTextView(
            $occasion,
            $own['subject'] ?? $occasion->subject(),
            $own['text'] ?? $occasion->text(),
            ['owner', 'pieces', ...$occasion->fields(), 'workshop', 'reach'],
        );
    }

    /**
     * From now on these are the words.
     *
     * @throws FieldError where a field is known to nobody
     */
    public function keep(Occasion $occasion, string $subject, string $text): void
    {
        $known = array_fill_keys($this->of($occasion)->fields, '');
        LetterText::fill($subject, $known, 'subject');
        LetterText::fill($text, $known, 'text');
        $this->settings->takeLetter($occasion->value, ['subject' => trim($subject), 'text' => trim($text)]);
    }

    /**
     * @param array<string, string> $facts beside the workshop's own
     *
     * @return array{string, string} subject and text
     *
     * @throws FieldError where a field is known to nobody
     */
    public function filled(Occasion $occasion, array $facts): array
    {
        $words = $this->of($occasion);
        $workshop = $this->settings->identity();
        $facts += ['workshop' => $workshop->name, 'reach' => $workshop->reach];

        return [
            preg_replace('/\s+/', ' ', LetterText::fill($words->subject, $facts, 'subject')) ?? '',
            LetterText::fill($words->text, $facts, 'text'),
        ];
    }
}
