using System.Globalization;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Wordprocessing;

namespace FairCompass.Documents.Writing;

/// <summary>Workouts as a document of a word processor (ECMA-376): a heading each, so that a program’s list of headings leads to them, and
/// their lines as deep as they stand. It is read again as what it was.</summary>
public static class WordDocument
{
    /// <summary>The media type (IANA).</summary>
    public const string MediaType = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";

    private const string Heading = "Heading1";
    private const string Line = "DraftLine";

    /// <summary>The document.</summary>
    /// <param name="workouts">What is written, in this order.</param>
    public static byte[] Write(IReadOnlyList<WrittenWorkout> workouts)
    {
        using var stream = new MemoryStream();
        using (var document = WordprocessingDocument.Create(stream, WordprocessingDocumentType.Document))
        {
            var main = document.AddMainDocumentPart();
            main.AddNewPart<StyleDefinitionsPart>().Styles = Styles();
            var body = new Body();
            foreach (var workout in workouts)
            {
                body.Append(Of(Heading, null, workout.Title));
                foreach (var (depth, words) in workout.Lines.Select(WrittenWorkout.Apart))
                {
                    body.Append(Of(Line, depth, words));
                }
            }

            // A4 with margins of 2 cm, in twentieths of a point.
            body.Append(
                new SectionProperties(
                    new PageSize { Width = 11906, Height = 16838 },
                    new PageMargin
                    {
                        Top = 1134,
                        Bottom = 1134,
                        Left = 1134,
                        Right = 1134,
                        Header = 567,
                        Footer = 567,
                        Gutter = 0,
                    }
                )
            );
            main.Document = new Document(body);
        }

        return stream.ToArray();
    }

    private static Paragraph Of(string style, int? depth, string words)
    {
        var properties = new ParagraphProperties(new ParagraphStyleId { Val = style });
        if (depth > 0)
        {
            properties.Append(new Indentation { Left = (depth.Value * WordText.Quarter).ToString(CultureInfo.InvariantCulture) });
        }

        return new Paragraph(properties, new Run(new Text(words) { Space = SpaceProcessingModeValues.Preserve }));
    }

    private static Styles Styles() =>
        new(
            new Style(
                new StyleName { Val = "Normal" },
                new StyleParagraphProperties(new SpacingBetweenLines { After = "40" }),
                new StyleRunProperties(new FontSize { Val = "22" })
            )
            {
                Type = StyleValues.Paragraph,
                StyleId = "Normal",
                Default = true,
            },
            new Style(
                new StyleName { Val = "heading 1" },
                new BasedOn { Val = "Normal" },
                new NextParagraphStyle { Val = Line },
                new PrimaryStyle(),
                new StyleParagraphProperties(
                    new KeepNext(),
                    new SpacingBetweenLines { Before = "360", After = "80" },
                    new OutlineLevel { Val = 0 }
                ),
                new StyleRunProperties(new Bold(), new FontSize { Val = "32" })
            )
            {
                Type = StyleValues.Paragraph,
                StyleId = Heading,
            },
            new Style(new StyleName { Val = "Draft line" }, new BasedOn { Val = "Normal" }, new PrimaryStyle())
            {
                Type = StyleValues.Paragraph,
                StyleId = Line,
                CustomStyle = true,
            }
        );
}
