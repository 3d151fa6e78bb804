using System.Text;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>A paper as Markdown (CommonMark with tables), for messages and web pages.</summary>
public static class BriefMarkdown
{
    /// <summary>Writes a paper. Every character that means something to Markdown is escaped, so that no text can become markup.</summary>
    public static string Write(Brief brief)
    {
        var md = new StringBuilder();
        md.Append("# ").AppendLine(Escape(brief.Title)).AppendLine();
        md.AppendLine(
                $"{Escape(brief.Competition)} · {Escape(brief.For)} · {Escape(brief.Paper)} · {Escape(brief.Status)} · "
                    + $"{brief.Date:yyyy-MM-dd} · {Escape(brief.Fingerprint)}"
            )
            .AppendLine();
        foreach (var section in brief.Sections)
        {
            if (section.Heading.Length > 0)
            {
                md.Append("## ").AppendLine(Escape(section.Heading)).AppendLine();
            }

            foreach (var block in section.Blocks)
            {
                Block(md, block);
            }
        }

        return md.ToString().Replace("\r\n", "\n", StringComparison.Ordinal);
    }

    private static void Block(StringBuilder md, BriefBlock block)
    {
        switch (block)
        {
            case BriefBlock.Paragraph p:
                md.AppendLine(Escape(p.Text)).AppendLine();
                break;
            case BriefBlock.Points p:
                foreach (var item in p.Items)
                {
                    md.Append("- ").AppendLine(Escape(item));
                }

                md.AppendLine();
                break;
            case BriefBlock.Lines l:
                foreach (var line in l.Items)
                {
                    md.Append(' ', line.Level * 2).Append("- ").AppendLine(Escape(line.Text));
                }

                md.AppendLine();
                break;
            case BriefBlock.Blanks b:
                foreach (var label in b.Labels)
                {
                    md.Append("- ").Append(Escape(label)).AppendLine(": \\_\\_\\_\\_\\_\\_\\_\\_");
                }

                md.AppendLine();
                break;
            case BriefBlock.Boxes b:
                Captioned(md, b.Caption, b.Head, b.Rows.Select(Boxed));
                break;
            case BriefBlock.Table t:
                Captioned(md, t.Caption, t.Head, t.Rows);
                break;
            case BriefBlock.StandardOf s:
                md.Append("### ").AppendLine(Escape(s.Name + (s.Who is null ? "" : ", " + s.Who))).AppendLine();
                foreach (var duty in s.Duty)
                {
                    md.Append("**").Append(Escape(duty.Cells[0])).Append("** ").AppendLine(Escape(duty.Cells[1])).AppendLine();
                }

                foreach (var row in s.Rules)
                {
                    md.Append("- **").Append(Escape(row.Cells[0])).Append("** ").AppendLine(Escape(row.Cells[1]));
                }

                md.AppendLine();
                Table(md, s.FaultHead, s.Faults);
                break;
        }
    }

    /// <summary>A row with a box before each count; what is to be written has none.</summary>
    private static BriefRow Boxed(BriefRow row) =>
        new(row.Cells.Select((c, i) => i == 0 || c is "" or BriefBuilder.ClockBlank ? c : "□ " + c).ToEq());

    private static void Captioned(StringBuilder md, string? caption, IReadOnlyList<string> head, IEnumerable<BriefRow> rows)
    {
        if (caption is not null)
        {
            md.Append("**").Append(Escape(caption)).AppendLine("**").AppendLine();
        }

        Table(md, head, rows);
    }

    private static void Table(StringBuilder md, IReadOnlyList<string> head, IEnumerable<BriefRow> rows)
    {
        Row(md, head);
        Row(md, head.Select(_ => "---").ToList(), escape: false);
        foreach (var row in rows)
        {
            Row(md, row.Cells);
        }

        md.AppendLine();
    }

    private static void Row(StringBuilder md, IReadOnlyList<string> cells, bool escape = true) =>
        md.Append("| ").Append(string.Join(" | ", cells.Select(c => escape ? Escape(c) : c))).AppendLine(" |");

    private static string Escape(string text)
    {
        var safe = new StringBuilder(text.Length);
        foreach (var c in text)
        {
            if (
                c
                is '\\'
                    or '`'
                    or '*'
                    or '_'
                    or '{'
                    or '}'
                    or '['
                    or ']'
                    or '<'
                    or '>'
                    or '('
                    or ')'
                    or '#'
                    or '+'
                    or '!'
                    or '|'
                    or '~'
                    or '&'
            )
            {
                safe.Append('\\');
            }

            safe.Append(c is '\n' or '\r' ? ' ' : c);
        }

        return safe.ToString();
    }
}
