using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A heading whose order of duties differs from a division's.</summary>
public sealed class DutyOrderDiffers : ICheck
{
    /// <inheritdoc/>
    public string Id => "duty-order-differs";

    /// <inheritdoc/>
    public string Title => "An order of duties that differs from the division's";

    /// <inheritdoc/>
    public string Why => "Readers know one order by heart; with another they take the wrong load.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (context.Workout.Headers.OfType<Header.Order>().FirstOrDefault() is not { } header)
        {
            yield break;
        }

        var man = header.Duties == DutyOrder.ManWoman;
        var differing = context
            .Courses.Select(c => c.Address.Division)
            .Distinct()
            .Where(d => d.Duties.Count == 2 && (Duties.Find(d.Duties[0]) == Duty.Man) != man)
            .Select(d => d.Name)
            .ToList();
        if (differing.Count > 0)
        {
            var other = man ? "woman/man" : "man/woman";
            yield return new Report(
                header.At,
                $"{Words.Join(differing)} {(differing.Count == 1 ? "declares" : "declare")} {other}.",
                new Mend($"Write a/b is {other}", new TextEdit(header.At.Line, header.At.Column, header.At.Length, "a/b is " + other))
            );
        }
    }
}
