<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Verdict\Verdict;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class VerdictType extends AbstractType
{
    public function getParent(): string
    {
        return AnswerType::class;
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add(
            'atRisk',
            TextareaType::class,
            ['label' => 'What stays at risk', 'help' => 'needed when a cause was not found', 'required' => false, 'empty_data' => ''],
        );
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Verdict::class]);
    }
}
