<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\SourceKind;
use App\Intake\Statement;
use App\Platform\Form\Choices;
use Japhrex\Core\Chain\Mechanism\ToldWords;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class StatementType extends AbstractType
{
    public function __construct(private readonly BookShelf $shelf)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var CaseFile $case */
        $case = $options['case'];
        $builder
            ->add('words', TextareaType::class, ['label' => 'What was said', 'empty_data' => ''])
            ->add('who', TextType::class, ['label' => 'By whom', 'help' => 'a role: driver, yard foreman, our bench 2', 'empty_data' => ''])
            ->add(
                'source',
                Choices::class,
                [
                    'class' => SourceKind::class,
                    'label' => 'How do they know',
                    'required' => true,
                    'empty_data' => SourceKind::Unknown->value,
                ],
            )
            ->add('means', ChoiceType::class, [
                'choices' => $this->meanings(),
                'label' => 'What it says of the unit',
                'help' => 'counts as evidence, a little: people tell what they saw, and leave out what they would be blamed for',
                'placeholder' => 'nothing that is weighed', 'required' => false,
            ])
            ->add('meansNot', CheckboxType::class, ['label' => 'they say it was not so', 'required' => false]);
        if (!$case->statements->isEmpty()) {
            $builder->add('contradicts', ChoiceType::class, [
                'choices' => $case->statements->toArray(),
                'choice_value' => static fn (?Statement $s): string => null === $s ? '' : (string) $s->id,
                'choice_label' => static fn (Statement $s): string => mb_strimwidth($s->who.': '.$s->words, 0, 70, '…'),
                'label' => 'Contradicts', 'placeholder' => 'nothing said so far', 'required' => false,
            ]);
        }
    }

    /** @return array<string, array<string, string>> name => key, in two groups */
    private function meanings(): array
    {
        $words = $this->shelf->vocabulary();
        $named = static fn (array $told): array => array_flip(array_map(static fn (ToldWords $one): string => $one->name, $told));

        return ['What happened to it' => $named($words->history), 'What is in it' => $named($words->fluid)];
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Statement::class]);
        $resolver->setRequired('case');
        $resolver->setAllowedTypes('case', CaseFile::class);
    }
}
