using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Places or line-ups that a division of the workout cannot have.</summary>
public sealed class LineUpMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "line-up-misfit";

    /// <inheritdoc/>
    public string Title => "Places or line-ups that a team cannot have";

    /// <inheritdoc/>
    public string Why => "Who stands where decides each member’s load; a list that does not fit the team gives somebody another’s bar.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var divisions = context
            .Courses.Select(c => context.Competition.Find(c.Address.Division.Name))
            .OfType<Division>()
            .Distinct()
            .ToList();
        var teams = divisions.Where(d => d.IsTeam).ToList();
        foreach (var header in context.Workout.Headers.Where(h => h is Header.Seats or Header.Entries))
        {
            if (teams.Count == 0 && divisions.Count > 0)
            {
                yield return new Report(header.At, "Nobody here runs as a team, so there are no places to fill.");
                continue;
            }

            foreach (var sentence in teams.Select(d => Wrong(header, d)).OfType<string>())
            {
                yield return new Report(header.At, sentence);
            }
        }

        foreach (var twice in context.Workout.Headers.GroupBy(h => h.GetType()).Where(g => g.First() is Header.Seats or Header.Entries))
        {
            foreach (var again in twice.Skip(1))
            {
                yield return new Report(again.At, $"This is said twice; line {twice.First().At.Line} holds.");
            }
        }
    }

    private static string? Wrong(Header header, Division d) =>
        header switch
        {
            Header.Seats { Duties.Count: 0 } => LineUps.TooManyOrders(d)
                ? $"The duties of {d.Name} can stand in more than {LineUp.MostOrders} orders; name who stands at each place."
                : null,
            Header.Seats s => s.Duties.Count != d.Size ? $"{d.Name} has {d.Size} places, and {s.Duties.Count} are named."
            : s.Duties.FirstOrDefault(x => !d.Duties.Contains(x)) is { } other ? $"{other} is none of the duties of {d.Name}."
            : d.Duties.FirstOrDefault(x => !s.Duties.Contains(x)) is { } missing ? $"No place of {d.Name} is a {missing}’s."
            : null,
            Header.Entries e => CompetitionRules.MakesWrong(d, e.Makes),
            _ => null,
        };
}
