using FairCompass.Core.InForce;
using FairCompass.Core.Natural;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Natural;

/// <summary>The words of the trade for movements, in both languages with all their spellings (a list of common practice): each is read as
/// its movement, or asked about.</summary>
public class DictionaryTests
{
    /// <summary>Words that are no movement by themselves: a mark to be reached, and a way to start a lift that the Spanish use for
    /// both.</summary>
    private static readonly string[] NotAlone = ["6\" target", "hang"];

    public static TheoryData<string, string> Words
    {
        get
        {
            var book = StandardsBook.Of(Demo.Competition);
            var all = new TheoryData<string, string>();
            foreach (var row in File.ReadLines(Path.Combine(Docs.Root(), "tests/FairCompass.Core.Tests/Natural/dictionary.tsv")).Skip(1))
            {
                var cells = row.Split('\t');
                var movement = book.Find(cells[4].Split(';', ',', ':', '(')[0].Trim()) ?? book.Find(cells[3].Split(',')[0].Trim());
                foreach (var word in movement is null ? [] : cells[2].Split(',').Prepend(cells[1]).Select(w => w.Trim()))
                {
                    if (word.Length > 0 && !NotAlone.Contains(word))
                    {
                        all.Add(word, movement!.Name.English);
                    }
                }
            }

            return all;
        }
    }

    [Fact]
    public void Every_word_is_read_as_its_movement_or_asked_about()
    {
        var (read, asked, wrong) = (0, 0, new List<string>());
        foreach (var data in Words)
        {
            var (word, movement) = ((string)data[0], (string)data[1]);
            var reading = NaturalReader.Read(Demo.Competition, $"AMRAP 10\n12 {word}\n10 sit-ups\n");
            if (reading.Draft.Contains(movement, StringComparison.Ordinal))
            {
                read++;
            }
            else if (reading.Open.Count > 0)
            {
                asked++;
            }
            else
            {
                wrong.Add($"{word} for {movement}");
            }
        }

        Assert.Empty(wrong);
        Assert.True(read > 280 && asked <= 10, $"{read} read, {asked} asked");
    }
}
