using FairCompass.Core.Briefing;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>Every word of a paper, a line for each text.</summary>
internal static class BriefText
{
    public static string Of(Brief brief) => string.Join('\n', Lines(brief));

    public static string Of(Brief brief, string section) =>
        string.Join('\n', brief.Sections.Where(s => s.Id == section).SelectMany(s => s.Blocks).SelectMany(Lines));

    public static IEnumerable<string> Lines(Brief brief) =>
        brief
            .Sections.SelectMany(s => s.Blocks.SelectMany(Lines).Prepend(s.Heading))
            .Append(brief.Paper)
            .Append(brief.Status)
            .Append(brief.For);

    public static IEnumerable<string> Lines(BriefBlock block) =>
        block switch
        {
            BriefBlock.Paragraph p => [p.Text],
            BriefBlock.Points p => p.Items,
            BriefBlock.Lines l => l.Items.Select(i => i.Text),
            BriefBlock.Blanks b => b.Labels,
            BriefBlock.Table t => t.Rows.SelectMany(r => r.Cells).Prepend(t.Caption ?? "").Concat(t.Head),
            BriefBlock.Bars b => b.Items.SelectMany(x =>
                x.Side.Select(p => FairCompass.Core.Quantities.Number.Normal(p.Mass)).Prepend(x.Words)
            ),
            BriefBlock.Boxes t => t.Rows.SelectMany(r => r.Cells).Prepend(t.Caption ?? "").Concat(t.Head),
            BriefBlock.StandardOf s => s
                .Duty.Concat(s.Rules)
                .Concat(s.Faults)
                .SelectMany(r => r.Cells)
                .Prepend(s.Name)
                .Append(s.Who ?? "")
                .Concat(s.FaultHead)
                .Concat(s.Figures.SelectMany(f => new[] { f.Title, f.Mark ?? "" })),
            _ => throw new InvalidOperationException("A block that no test reads."),
        };
}
