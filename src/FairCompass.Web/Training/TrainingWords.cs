using System.Globalization;
using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Web.Training;

/// <summary>Says what was found of somebody’s eyes.</summary>
public static class TrainingWords
{
    /// <summary>What a step is.</summary>
    public static string Step =>
        $"A step is {string.Join(" or ", Enum.GetValues<DeviationUnit>().Select(u => Of(Trainable.StepOf(u), u)))}, by what is judged.";

    /// <summary>A distance with its unit: <c>22 mm</c>.</summary>
    /// <param name="value">In the unit.</param>
    /// <param name="unit">The unit.</param>
    public static string Of(double value, DeviationUnit unit) =>
        (Math.Round(value) + 0.0).ToString("0", CultureInfo.InvariantCulture) + (unit == DeviationUnit.Degrees ? "°" : " " + UnitOf(unit));

    /// <summary>A unit, short.</summary>
    public static string UnitOf(DeviationUnit unit) =>
        unit switch
        {
            DeviationUnit.Millimetres => "mm",
            DeviationUnit.Degrees => "°",
            _ => "ms",
        };

    /// <summary>What a judge says who calls that a clause is broken: the call of its first fault.</summary>
    /// <param name="movement">The standard.</param>
    /// <param name="clause">One of its clauses.</param>
    public static Said CallOf(Movement movement, Clause clause) =>
        movement.Faults.FirstOrDefault(f => f.Breaks == clause.Id)?.Call ?? clause.Text;

    /// <summary>What is known of one clause.</summary>
    /// <param name="eye">What was found.</param>
    /// <param name="clauses">The clauses of what was trained, by id.</param>
    public static EyeShown Of(Eye eye, IReadOnlyDictionary<string, Said> clauses)
    {
        double? In(double? steps) => steps is { } s ? Math.Round(s * eye.Step, 1) : null;
        var d = eye.Detection;
        double? Sure(double value) => d.IsEnough ? Math.Round(value, 2) : null;
        return new(
            clauses.GetValueOrDefault(eye.Clause, (eye.Clause, eye.Clause)),
            eye.Movements,
            In(eye.Line?.Line),
            In(eye.Line?.LineLow),
            In(eye.Line?.LineHigh),
            In(eye.Line?.Spread),
            UnitOf(eye.Unit),
            eye.Line?.Calls ?? d.NoReps + d.Good,
            Sure(d.Sharpness),
            Sure(d.SharpnessWithin),
            Sure(d.Criterion),
            Sure(d.CriterionWithin),
            d.Hits,
            d.NoReps,
            d.FalseAlarms,
            d.Good,
            eye.Reasons?.Of ?? 0,
            eye.MiddleTime,
            Sentence(eye)
        );
    }

    /// <summary>Where the line is seen.</summary>
    private static string Sentence(Eye eye)
    {
        var d = eye.Detection;
        if (eye.Line is not { } line)
        {
            return $"{d.NoReps + d.Good} calls: too few to say where the line is seen.";
        }

        if (d.Hits + d.FalseAlarms is 0 || (d.Hits == d.NoReps && d.FalseAlarms == d.Good))
        {
            return "Every rep was called alike, so nothing can be said of the line.";
        }

        string At(double steps) => Of(steps * eye.Step, eye.Unit);
        var sharp = $" Within some {At(line.Spread)} of it calls go either way.";
        var again = line.IsOff ? " Sittings ask for it again." : "";
        return line.LineLow > 0
                ? $"Strict: no-reps are called up to {At(line.Line)} inside the line ({At(line.LineLow)} to {At(line.LineHigh)}).{sharp}{again}"
            : line.LineHigh < 0
                ? $"Lenient: good reps are called down to {At(-line.Line)} outside the line "
                    + $"({At(-line.LineHigh)} to {At(-line.LineLow)}).{sharp}{again}"
            : $"On the line as far as can be told: between {At(-line.LineLow)} outside and {At(line.LineHigh)} inside.{sharp}";
    }

    /// <summary>What else there is to say of somebody’s calls.</summary>
    /// <param name="said">The calls.</param>
    /// <param name="stills">True where still pictures were shown.</param>
    public static IReadOnlyList<string> Remarks(IReadOnlyCollection<Called> said, bool stills)
    {
        var all = new List<string>();
        var blind = said.Count(c => c.Call != Call.Unseen && !c.WasSeen);
        if (blind > 0)
        {
            all.Add(
                $"{Core.Text.Words.Count(blind, "call")} came before the judged moment or within {Called.Fastest} ms of it, "
                    + "faster than anybody sees: left out."
            );
        }

        var unseen = said.Count(c => c.Call == Call.Unseen);
        if (unseen > 0)
        {
            all.Add($"{Core.Text.Words.Count(unseen, "rep")} not seen or not called in time: left out.");
        }

        if (Eye.Tiring(said) is { } by && (by.High < 0 || by.Low > 0))
        {
            all.Add(
                by.High < 0
                    ? $"The second half of sittings has {Math.Round(-100 * by.Value)} in 100 fewer right calls than the first: tiring."
                    : $"The second half of sittings has {Math.Round(100 * by.Value)} in 100 more right calls than the first."
            );
        }

        if (Eye.Change(said) is { } change)
        {
            string Points(double by) => (Math.Round(100 * by) + 0.0).ToString("+0;-0;0", CultureInfo.InvariantCulture);
            var within = $"{Points(change.Low)} to {Points(change.High)} of 100 right calls";
            all.Add(
                change.Low > 0 ? $"The newest test is better than those before: {within}."
                : change.High < 0 ? $"The newest test is worse than those before: {within}."
                : $"From the tests before to the newest, no change that can be told: {within}."
            );
        }

        if (stills)
        {
            all.Add("Some sittings showed still pictures in place of films; times to a call are not those of films.");
        }

        return all;
    }

    /// <summary>What a rep was.</summary>
    /// <param name="rep">The rep.</param>
    /// <param name="movement">Its standard.</param>
    public static string TruthOf(Rep rep, Movement movement) =>
        string.Join(
            " ",
            rep.Truths.Select(t =>
            {
                var clause = movement.Clauses.First(c => c.Id == t.Clause);
                var by = Of(Math.Abs((double)t.Margin), t.Unit);
                return t.Holds
                    ? $"Good, {by} inside the line. {clause.Text.English}"
                    : $"No-rep, {by} outside the line. {clause.Text.English}";
            })
        );
}
