using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A known figure of which nobody has said in what.</summary>
public sealed class UnitUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "unit-unsaid";

    /// <inheritdoc/>
    public string Title => "A figure without a unit";

    /// <inheritdoc/>
    public string Why => "A hundred kilograms and a hundred pounds are two workouts, and a figure alone is read as either.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        foreach (var task in context.TaskLines)
        {
            var kit = book.Find(task.Movement)?.Kit;
            var overrides = task.Lines.OfType<TaskLine.Override>().ToList();
            foreach (var figure in task.Details.Concat(overrides.SelectMany(o => o.Details)).OfType<Detail.Figure>())
            {
                yield return Ask(figure, kit);
            }

            foreach (var (amount, movement, at) in overrides.Select(o => (o.Amount, o.Movement ?? task.Movement, o.At)).Prepend(Own(task)))
            {
                if (amount is null && at == task.At && kit == MovementKit.Machine)
                {
                    yield return OfScheme(task, book.Find(task.Movement)!);
                }
                else if (
                    amount is Amount.Counted { Unit: AmountUnit.Rep } count
                    && book.Find(movement) is { Kit: MovementKit.Machine } machine
                )
                {
                    yield return Ask(context, count, machine, at);
                }
            }
        }
    }

    private static Report OfScheme(Work.Task task, Movement machine)
    {
        Mend With(string unit) => new($"Write {unit} {task.Movement}", new TextEdit(task.NameAt.Line, task.NameAt.Column, 0, unit + " "));
        return new Report(
            task.At,
            $"The numbers of the scheme are what on the {machine.Name.English}? Calories or metres.",
            With("cal"),
            With("m")
        );
    }

    private static (Amount?, string, SourceRange) Own(Work.Task task) => (task.Amount, task.Movement, task.At);

    private static Report Ask(Detail.Figure figure, MovementKit? kit)
    {
        var said = Printer.Detail(figure)["figure ".Length..];
        string[] loads = [$"{said} kg", $"{said} lb"];
        var ways = kit switch
        {
            MovementKit.Box => [$"box {said} cm", $"box {said} in"],
            MovementKit.SandbagAndBox => [.. loads, $"box {said} cm"],
            MovementKit.BallAndTarget => [.. loads, $"target {said} m"],
            _ => loads,
        };
        return new Report(
            figure.At,
            $"{said} of what? {Text.Words.Capital(Text.Words.Join(ways, "or"))}.",
            [.. ways.Select(w => new Mend($"Write {w}", new TextEdit(figure.At.Line, figure.At.Column, figure.At.Length, w)))]
        );
    }

    /// <summary>A machine counts calories or metres; it has no reps.</summary>
    private static Report Ask(CheckContext context, Amount.Counted count, Movement machine, SourceRange at)
    {
        var said = Printer.Amount(count);
        var text = context.LineText(at);
        var where = text.IndexOf(said, StringComparison.Ordinal);
        Mend With(string unit) => new($"Write {said} {unit}", new TextEdit(at.Line, at.Column + where, said.Length, $"{said} {unit}"));
        return new Report(
            at,
            $"{said} of what on the {machine.Name.English}? Metres or calories.",
            where < 0 ? [] : [With("m"), With("cal")]
        );
    }
}
