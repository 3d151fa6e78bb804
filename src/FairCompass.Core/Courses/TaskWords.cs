using System.Globalization;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What is done of a task, with the unit in which a judge counts it: the one wording of cards, calls and papers.</summary>
public static class TaskWords
{
    /// <summary>Units of a task in words.</summary>
    /// <param name="task">The task.</param>
    /// <param name="units">Counted units, from 0; null for as many as possible.</param>
    /// <param name="tongue">The language.</param>
    /// <example><c>9 thrusters</c>, <c>18 cal air bike</c>, <c>24 m walking lunges: 6 sections of 4 m</c>,
    /// <c>front plank 0:40</c>.</example>
    public static string Of(CourseTask task, long? units, Tongue tongue)
    {
        var movement = task.Prescription.Movement.Value;
        var counted = task.Unit == AmountUnit.Rep || (task.Unit is AmountUnit.Metre or AmountUnit.Foot && !Plurals.IsTravel(movement));
        var name = tongue.MovementFor(counted && !tongue.IsMachine(movement) ? units : 1, movement);
        if (units == 1 && task.Prescription.Amount?.Value is Amount.Held { Time: { } time })
        {
            return $"{name} {time}";
        }

        if (units is not { } n)
        {
            return tongue.Say($"max {Symbol(task.Unit, tongue)}{name}", $"máx. {Symbol(task.Unit, tongue)}{name}");
        }

        return
            task.Prescription.Counting.OfType<Detail.Marks>().FirstOrDefault() is { Every.Value: > 0 and { } every } marks
            && task.Counted.Word.StartsWith("section", StringComparison.Ordinal)
            ? $"{new Length(every * n, marks.Unit)} {tongue.Say("", "de ")}{name}: {Sections(n, new(every, marks.Unit), tongue)}"
            : $"{n.ToString(CultureInfo.InvariantCulture)} {Symbol(task.Unit, tongue)}{name}";
    }

    /// <summary>A unit before the name of a movement: <c>cal </c>; nothing for reps.</summary>
    private static string Symbol(AmountUnit unit, Tongue tongue) => unit == AmountUnit.Rep ? "" : unit.Symbol() + tongue.Say(" ", " de ");

    private static string Sections(long n, Length each, Tongue tongue) =>
        $"{n.ToString(CultureInfo.InvariantCulture)} {tongue.Say(n == 1 ? Term.Section.One : Term.Section.Many)} "
        + tongue.Say($"of {each}", $"de {each}");
}
