using System.Globalization;
using System.Text.RegularExpressions;
using CsCheck;

namespace FairCompass.Core.Tests.Notation;

/// <summary>The demo with lines left out, doubled, swapped, indented, and numbers changed: mostly sense, often wrong.</summary>
public static class MutatedDemo
{
    public static Gen<string> Any { get; } =
        Gen.Select(
            Gen.Int[0, DraftTexts.DemoNames.Count - 1],
            Gen.Select(Gen.Int[0, 5], Gen.Int[0, 40], Gen.Int[0, 40]).List[1, 4],
            (demo, edits) =>
            {
                var lines = DraftTexts.Read(DraftTexts.DemoNames[demo]).Split('\n').ToList();
                foreach (var (kind, a, b) in edits)
                {
                    Mutate(lines, kind, a % lines.Count, b % lines.Count, b);
                }

                return string.Join('\n', lines);
            }
        );

    private static void Mutate(List<string> lines, int kind, int i, int j, int times)
    {
        switch (kind)
        {
            case 0:
                lines.RemoveAt(i);
                break;
            case 1:
                lines.Insert(j, lines[i]);
                break;
            case 2:
                (lines[i], lines[j]) = (lines[j], lines[i]);
                break;
            case 3:
                lines[i] = "  " + lines[i];
                break;
            case 4:
                lines[i] = Regex.Replace(
                    lines[i],
                    "[0-9]+",
                    m => ((long.Parse(m.Value, CultureInfo.InvariantCulture) * times) % 1000).ToString(CultureInfo.InvariantCulture)
                );
                break;
            default:
                lines[i] = lines[i].StartsWith("  ", StringComparison.Ordinal) ? lines[i][2..] : lines[i];
                break;
        }

        if (lines.Count == 0)
        {
            lines.Add("T");
        }
    }
}
