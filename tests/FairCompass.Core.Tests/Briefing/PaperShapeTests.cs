using System.Text.RegularExpressions;
using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>What a printer or a typesetter would send back: tables whose rows do not fit their heads, empty sections, a section twice,
/// sentences with holes in them. Of every paper of every draft, in both languages, for all and for one division.</summary>
public partial class PaperShapeTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    /// <summary>What is left when a sentence is put together from parts and one of them is empty.</summary>
    [GeneratedRegex(@"  | [,;.:!?](\s|$)|,,|\.\.(?!\.)|\(\)|\(\s|\s\)|^[,;.:] |: ?$(?<!:.*:)|\{|\}|“”|«»|\bnull\b|System\.|FairCompass\.")]
    private static partial Regex Hole { get; }

    /// <summary>Ladders of the notation are written with three points, a clock time to be added to is left open on purpose, and the head of
    /// a list of work ends with a colon.</summary>
    private static string Bare(string text, HashSet<string> heads) =>
        text.StartsWith("+ ", StringComparison.Ordinal) ? ""
        : heads.Contains(text) ? text.TrimEnd(':')
        : text.Replace("-...", "", StringComparison.Ordinal);

    /// <summary>Lines of work under which more stands.</summary>
    private static HashSet<string> Heads(Brief paper) =>
        paper
            .Sections.SelectMany(s => s.Blocks)
            .OfType<BriefBlock.Lines>()
            .SelectMany(b => b.Items.Zip(b.Items.Skip(1)).Where(x => x.Second.Level > x.First.Level).Select(x => x.First.Text))
            .ToHashSet();

    private static IEnumerable<Brief> Papers(Understanding u)
    {
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().Take(2).Prepend(null);
        foreach (var division in divisions)
        {
            foreach (var audience in PaperNames.All)
            {
                foreach (var language in Enum.GetValues<Language>())
                {
                    yield return new BriefBuilder(u, division, Day, new() { Language = language, Cards = 2 }).Build(audience);
                }
            }
        }
    }

    private static IEnumerable<string> Faults(Brief paper)
    {
        foreach (var twice in paper.Sections.GroupBy(s => (s.Id, s.Entry)).Where(g => g.Count() > 1))
        {
            yield return $"section {twice.Key.Id} stands {twice.Count()} times";
        }

        foreach (var section in paper.Sections)
        {
            if (section.Blocks.Count == 0)
            {
                yield return $"section {section.Id} is empty";
            }

            foreach (var fault in section.Blocks.SelectMany(Faults))
            {
                yield return $"{section.Id}: {fault}";
            }
        }

        var heads = Heads(paper);
        foreach (var line in BriefText.Lines(paper).Where(l => Hole.IsMatch(Bare(l, heads))))
        {
            yield return $"“{line}” has a hole";
        }
    }

    private static IEnumerable<string> Faults(BriefBlock block)
    {
        switch (block)
        {
            case BriefBlock.Paragraph { Text: "" }:
                yield return "a paragraph without words";
                break;
            case BriefBlock.Points points when points.Items.Count == 0 || points.Items.Any(i => i.Length == 0):
                yield return "a list without words";
                break;
            case BriefBlock.Blanks blanks when blanks.Labels.Count == 0 || blanks.Labels.Any(l => l.Length == 0):
                yield return "a line to fill in that says not with what";
                break;
            case BriefBlock.Table table:
                if (table.Rows.Count == 0)
                {
                    yield return $"a table without rows: {string.Join(" | ", table.Head)}";
                }

                foreach (var row in table.Rows.Where(r => r.Cells.Count != table.Head.Count))
                {
                    yield return $"{row.Cells.Count} cells under {table.Head.Count} heads: {string.Join(" | ", row.Cells)}";
                }

                break;
            case BriefBlock.StandardOf standard:
                foreach (var row in standard.Faults.Where(r => r.Cells.Count != standard.FaultHead.Count))
                {
                    yield return $"{row.Cells.Count} cells under {standard.FaultHead.Count} heads: {string.Join(" | ", row.Cells)}";
                }

                foreach (var row in standard.Rules.Concat(standard.Duty).Where(r => r.Cells.Count != 2 || r.Cells.Any(c => c.Length == 0)))
                {
                    yield return $"a rule without its phase or words: {string.Join(" | ", row.Cells)}";
                }

                break;
        }
    }

    public static TheoryData<string> Drafts => Depth.DemoRows(2, 0);

    [Theory]
    [MemberData(nameof(Drafts))]
    public void Nothing_is_empty_twice_or_out_of_its_column(string name)
    {
        var faults = Papers(Demo.Understand(DraftTexts.Read(name)))
            .SelectMany(p => Faults(p).Select(f => $"{p.Audience} {p.Language}: {f}"))
            .Distinct()
            .ToList();
        Assert.True(faults.Count == 0, string.Join('\n', faults));
    }

    /// <summary>The same of workouts that nobody thought of.</summary>
    [Fact]
    public void Nor_on_the_papers_of_any_workout() =>
        WorkoutGen.Any.Sample(
            w =>
            {
                var text = FairCompass.Core.Notation.Printer.Print(w);
                var faults = Papers(Demo.Understand(text))
                    .SelectMany(p =>
                        Faults(p).Where(f => !f.Contains("hole", StringComparison.Ordinal)).Select(f => $"{p.Audience} {p.Language}: {f}")
                    )
                    .Distinct()
                    .ToList();
                Assert.True(faults.Count == 0, text + '\n' + string.Join('\n', faults));
            },
            iter: Depth.Times(2, 8)
        );
}
