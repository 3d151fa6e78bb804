using System.Text.RegularExpressions;
using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>Pairs of values whose woman’s is the larger: most often the two were written the other way round.</summary>
internal static partial class SwappedValues
{
    /// <summary>One report for each place at which it is so.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="value">The value of a task as one duty has it, with the place of its detail; null for none.</param>
    /// <param name="what">What it is, in words.</param>
    public static IEnumerable<Report> Of(CheckContext context, Func<PrescribedTask, (decimal Value, SourceRange At)?> value, string what)
    {
        var told = new HashSet<SourceRange>();
        foreach (
            var task in context
                .Prescribed.Where(p => p.At == default && p.Address.Duty is not null)
                .GroupBy(p => (p.Source.At.Line, Option: p.Option?.At.Line, p.Address.Division.Name, p.Address.Level))
        )
        {
            var man = task.FirstOrDefault(p => p.Address.Duty == Duty.Man);
            var woman = task.FirstOrDefault(p => p.Address.Duty == Duty.Woman);
            if (
                man is not null
                && woman is not null
                && value(man) is { } his
                && value(woman) is { } hers
                && hers.Value > his.Value
                && his.At == hers.At
                && told.Add(his.At)
            )
            {
                var text = context.LineText(his.At);
                yield return new Report(
                    his.At,
                    $"The woman’s {what} is the larger: {Number.Normal(hers.Value)} against {Number.Normal(his.Value)}.",
                    OfTwo().IsMatch(text)
                        ?
                        [
                            new Mend(
                                "Write them the other way round",
                                new TextEdit(his.At.Line, his.At.Column, his.At.Length, OfTwo().Replace(text, "$2/$1", 1))
                            ),
                        ]
                        : []
                );
            }
        }
    }

    [GeneratedRegex(@"([\d.-]+)/([\d.-]+)")]
    private static partial Regex OfTwo();
}
