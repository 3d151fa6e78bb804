using FairCompass.Core.Binding;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Another time for some that nobody can have: for a place or a round, twice, or too many of them.</summary>
public sealed class TimesMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "times-misfit";

    /// <inheritdoc/>
    public string Title => "Another time for some that does not fit";

    /// <inheritdoc/>
    public string Why => "A hall has one clock for each lane; a cap that holds for half of a lane holds for nobody.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var rounds in context.AllWork.OfType<Work.Rounds>())
        {
            foreach (var other in rounds.Others)
            {
                if (WrongNames(other.For, context) is { } sentence)
                {
                    yield return new Report(other.At, sentence);
                }
                else if (other.Times == 0)
                {
                    yield return new Report(other.At, "0 rounds are no work.");
                }
                else if (rounds.Others.TakeWhile(o => !ReferenceEquals(o, other)).FirstOrDefault(o => o.For == other.For) is { } first)
                {
                    yield return new Report(
                        other.At,
                        $"The rounds of {Words.Join(other.For.Select(w => w.ToString()))} are also said in line {first.At.Line}.",
                        context.RemoveLine(other.At.Line)
                    );
                }
            }
        }

        foreach (var (line, others) in OwnTimes.All(context.Workout))
        {
            foreach (var other in others)
            {
                if (Wrong(line, other, others, context) is { } sentence)
                {
                    yield return new Report(other.At, sentence, IsSecond(other, others) ? [context.RemoveLine(other.At.Line)] : []);
                }
            }
        }
    }

    /// <summary>True where a line before says it of the same already.</summary>
    private static bool IsSecond(TimeFor other, IReadOnlyList<TimeFor> others) =>
        others.TakeWhile(o => !ReferenceEquals(o, other)).Any(o => o.For == other.For);

    private static string? WrongNames(Eq<Who> of, CheckContext context)
    {
        var names = of.SelectMany(context.Resolver.Names.Of).ToList();
        return names.OfType<Selector.Unknown>().FirstOrDefault() is { } unknown
                ? $"There is no division, duty or level called {unknown.Name}."
                    + (unknown.Nearest is { } near ? $" Did you mean {near}?" : "")
            : names.Exists(n => n is not (Selector.OfDivision or Selector.OfDuty or Selector.OfLevel))
                ? "A time can differ by division, duty or level, not within a lane or by the round."
            : null;
    }

    private static string? Wrong(Node line, TimeFor other, IReadOnlyList<TimeFor> others, CheckContext context)
    {
        return WrongNames(other.For, context) is { } sentence ? sentence
            : others.TakeWhile(o => !ReferenceEquals(o, other)).FirstOrDefault(o => o.For == other.For) is { } first
                ? $"The time of {Words.Join(other.For.Select(w => w.ToString()))} is also said in line {first.At.Line}."
            : line is Work.Gate gate
                ? other.Times.Count != gate.Adds.Count
                        ? $"The gate has {Words.Count(gate.Adds.Count, "time")}; here "
                            + $"{(other.Times.Count == 1 ? "is" : "are")} {other.Times.Count}."
                    : null
            : other.Times.Count > 1 ? "One time stands here; several are for a gate that is passed several times."
            : null;
    }
}
