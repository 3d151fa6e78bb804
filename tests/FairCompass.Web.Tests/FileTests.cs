using System.IO.Compression;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using FairCompass.Documents;

namespace FairCompass.Web.Tests;

/// <summary>Files as coaches have them. Spreadsheets and documents are put together part by part as ECMA-376 says, a PDF as ISO 32000 does,
/// and not by the library that reads them.</summary>
public class FileTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Word = "http://schemas.openxmlformats.org/wordprocessingml/2006/main";
    private const string Sheet = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
    private const string Relations = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";

    private static byte[] Zip(params (string Name, string Content)[] parts)
    {
        using var held = new MemoryStream();
        using (var zip = new ZipArchive(held, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, content) in parts)
            {
                using var part = new StreamWriter(zip.CreateEntry(name).Open());
                part.Write(content);
            }
        }

        return held.ToArray();
    }

    private static string Package(string target, string type) =>
        $"""
            <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1"
            Type="{Relations}/{type}" Target="{target}"/></Relationships>
            """;

    private static byte[] Document(string body) =>
        Zip(
            (
                "[Content_Types].xml",
                """
                <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels"
                ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/word/document.xml"
                ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>
                """
            ),
            ("_rels/.rels", Package("word/document.xml", "officeDocument")),
            ("word/document.xml", $"""<w:document xmlns:w="{Word}"><w:body>{body}</w:body></w:document>""")
        );

    private static byte[] Spreadsheet(string rows, string words = "") =>
        Zip(
            (
                "[Content_Types].xml",
                """
                <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels"
                ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/xl/workbook.xml"
                ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/>
                <Override PartName="/xl/worksheets/sheet1.xml"
                ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/>
                <Override PartName="/xl/styles.xml"
                ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/>
                <Override PartName="/xl/sharedStrings.xml"
                ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sharedStrings+xml"/></Types>
                """
            ),
            ("_rels/.rels", Package("xl/workbook.xml", "officeDocument")),
            (
                "xl/workbook.xml",
                $"""
                <workbook xmlns="{Sheet}" xmlns:r="{Relations}"><sheets><sheet name="Weir" sheetId="1" r:id="r1"/></sheets>
                </workbook>
                """
            ),
            (
                "xl/_rels/workbook.xml.rels",
                $"""
                <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1"
                Type="{Relations}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="r2" Type="{Relations}/styles"
                Target="styles.xml"/><Relationship Id="r3" Type="{Relations}/sharedStrings" Target="sharedStrings.xml"/>
                </Relationships>
                """
            ),
            ("xl/worksheets/sheet1.xml", $"""<worksheet xmlns="{Sheet}"><sheetData>{rows}</sheetData></worksheet>"""),
            (
                "xl/styles.xml",
                $"""
                <styleSheet xmlns="{Sheet}"><numFmts count="1"><numFmt numFmtId="164" formatCode="[mm]:ss"/></numFmts>
                <cellXfs count="4"><xf numFmtId="0"/><xf numFmtId="20"/><xf numFmtId="164"/><xf numFmtId="9"/></cellXfs>
                </styleSheet>
                """
            ),
            ("xl/sharedStrings.xml", $"""<sst xmlns="{Sheet}">{words}</sst>""")
        );

    private static string Text(byte[] file, string? name = null)
    {
        var read = DocumentReader.Read(file, name);
        Assert.Null(read.Refused);
        return read.Text;
    }

    private static byte[] Bytes(string text) => Encoding.UTF8.GetBytes(text);

    [Fact]
    public void A_document_gives_paragraphs_items_and_rows_without_what_was_struck_out() =>
        Assert.Equal(
            "Weir\n- 21 thrusters\nline one\nline two\nDivision\tLoad\nPro\t43/30 kg\n\nlast",
            Text(
                Document(
                    """
                    <w:p><w:r><w:t>We</w:t></w:r><w:r><w:t>ir</w:t></w:r></w:p>
                    <w:p><w:pPr><w:numPr><w:ilvl w:val="0"/><w:numId w:val="2"/></w:numPr></w:pPr><w:r><w:t>21 thrusters</w:t></w:r></w:p>
                    <w:p><w:r><w:t>line one</w:t><w:br/><w:t>line two</w:t></w:r><w:del w:id="1" w:author="a"><w:r>
                    <w:delText>gone</w:delText></w:r></w:del></w:p>
                    <w:tbl><w:tr><w:tc><w:p><w:r><w:t>Division</w:t></w:r></w:p></w:tc><w:tc><w:p><w:r><w:t>Load</w:t></w:r></w:p>
                    </w:tc></w:tr>
                    <w:tr><w:tc><w:p><w:r><w:t>Pro</w:t></w:r></w:p></w:tc><w:tc><w:p><w:r><w:t>43/30</w:t></w:r></w:p><w:p><w:r>
                    <w:t>kg</w:t></w:r></w:p></w:tc></w:tr></w:tbl>
                    <w:p><w:r><w:t>last</w:t></w:r></w:p>
                    """
                )
            )
        );

    /// <summary>A cell in which 12:00 was typed holds half a day; one of 9:30 minutes as [mm]:ss holds 570 of 86,400 seconds.</summary>
    [Fact]
    public void A_spreadsheet_gives_values_as_they_are_shown_in_their_columns() =>
        Assert.Equal(
            "Cap\t12:00\t9:30\nThruster\t\t22.5\t70 %\n\nend",
            Text(
                Spreadsheet(
                    """
                    <row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" s="1"><v>0.5</v></c><c r="C1" s="2">
                    <v>6.5972222222222222E-3</v></c></row>
                    <row r="2"><c r="A2" t="inlineStr"><is><t>Thruster</t></is></c><c r="C2"><v>22.500000000000004</v></c><c r="D2"
                    s="3"><v>0.7</v></c></row>
                    <row r="4"><c r="A4" t="str"><f>"en"&amp;"d"</f><v>end</v></c></row>
                    """,
                    "<si><r><t>C</t></r><r><t>ap</t></r></si>"
                )
            )
        );

    [Theory]
    [InlineData("a.csv", "Movement,Reps\nThruster,21\n\"Row, ski\",\"3\n4\"", "Movement\tReps\nThruster\t21\nRow, ski\t3 4")]
    [InlineData(null, "Movement;Reps\nThruster;21", "Movement\tReps\nThruster\t21")]
    [InlineData(null, "For time, cap 9\n21 thrusters, 43/30 kg", "For time, cap 9\n21 thrusters, 43/30 kg")]
    [InlineData("a.md", "# Weir\r\n- 21 thrusters", "# Weir\n- 21 thrusters")]
    [InlineData("a.html", "<p>AMRAP&nbsp;12<br>10 <b>burpees</b></p><script>x</script>", "AMRAP 12\n10 burpees")]
    [InlineData(
        null,
        "<html><body><ol><li>one<li>two</ol><table><tr><td>a<td>b</table><div><div>c</div></div></body></html>",
        "1. one\n2. two\n\na\tb\n\nc"
    )]
    public void A_text_is_read_as_what_it_is(string? name, string text, string read) => Assert.Equal(read, Text(Bytes(text), name));

    [Fact]
    public void Letters_are_read_in_the_encodings_that_programs_write()
    {
        Assert.Equal("½ día", Text([0xEF, 0xBB, 0xBF, .. Bytes("½ día")]));
        Assert.Equal("½ día", Text([0xFF, 0xFE, .. Encoding.Unicode.GetBytes("½ día")]));
        Assert.Equal("½ día", Text(Encoding.Latin1.GetBytes("½ día")));
    }

    /// <summary>A page with some type, written by hand (ISO 32000-1, 7.5).</summary>
    private static byte[] Pdf(byte[] content, string filter = "", string trailer = "")
    {
        string[] objects =
        [
            "<</Type/Catalog/Pages 2 0 R>>",
            "<</Type/Pages/Kids[3 0 R]/Count 1>>",
            "<</Type/Page/Parent 2 0 R/MediaBox[0 0 612 792]/Contents 4 0 R/Resources<</Font<</F1 5 0 R>>>>>>",
            $"<</Length {content.Length}{filter}>>stream\n{Encoding.Latin1.GetString(content)}\nendstream",
            "<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>",
        ];
        var pdf = new StringBuilder("%PDF-1.4\n");
        var at = objects.Select((o, i) => (pdf.Length, pdf.Append($"{i + 1} 0 obj{o}endobj\n")).Length).ToList();
        var start = pdf.Length;
        pdf.Append($"xref\n0 {objects.Length + 1}\n0000000000 65535 f \n")
            .Append(string.Concat(at.Select(a => $"{a:0000000000} 00000 n \n")));
        pdf.Append($"trailer<</Size {objects.Length + 1}/Root 1 0 R{trailer}>>\nstartxref\n{start}\n%%EOF");
        return Encoding.Latin1.GetBytes(pdf.ToString());
    }

    private static byte[] Deflated(byte[] content)
    {
        using var held = new MemoryStream();
        using (var packed = new ZLibStream(held, CompressionLevel.SmallestSize, leaveOpen: true))
        {
            packed.Write(content);
        }

        return held.ToArray();
    }

    private static readonly byte[] Type = Encoding.ASCII.GetBytes(
        "BT /F1 12 Tf 72 700 Td (AMRAP 12) Tj 0 -20 Td (Thruster) Tj 200 0 Td (43/30 kg) Tj ET"
    );

    [Fact]
    public void A_pdf_gives_its_lines_and_columns_packed_or_not()
    {
        Assert.Equal("AMRAP 12\nThruster\t43/30 kg", Text(Pdf(Type)));
        Assert.Equal("AMRAP 12\nThruster\t43/30 kg", Text(Pdf(Deflated(Type), "/Filter/FlateDecode")));
    }

    /// <summary>A table in a table, and words that are said a second time for programs that cannot draw the first.</summary>
    [Fact]
    public void A_document_says_everything_once() =>
        Assert.Equal(
            "a b\tc\n\nonce",
            Text(
                Document(
                    """
                    <w:tbl><w:tr><w:tc><w:p><w:r><w:t>a</w:t></w:r></w:p>
                    <w:tbl><w:tr><w:tc><w:p><w:r><w:t>b</w:t></w:r></w:p></w:tc></w:tr></w:tbl><w:p/></w:tc>
                    <w:tc><w:p><w:r><w:t>c</w:t></w:r></w:p></w:tc></w:tr></w:tbl>
                    <w:p><w:r><mc:AlternateContent xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006">
                    <mc:Choice Requires="w"><w:t>once</w:t></mc:Choice><mc:Fallback><w:t>once</w:t></mc:Fallback>
                    </mc:AlternateContent></w:r></w:p>
                    """
                )
            )
        );

    private static readonly string Locked =
        $"/ID[<00><00>]/Encrypt<</Filter/Standard/V 1/R 2/P -4/Length 40/O<{new string('0', 64)}>/U<{new string('0', 64)}>>>";

    private static string Deep(string tag) => string.Concat(Enumerable.Repeat(tag, 20_000));

    private static readonly (string Why, Func<byte[]> File)[] Refused =
    [
        ("This file is empty.", () => []),
        ("This is no text", () => [0x7F, 0x45, 0x4C, 0x46, 0, 0, 0, 1]),
        ("older office program", () => [0xD0, 0xCF, 0x11, 0xE0, 0xA1, 0xB1, 0x1A, 0xE1]),
        ("neither a document", () => Zip(("a.txt", "x"))),
        ("unpacks to more than 30 MB", () => Zip(("word/document.xml", new string('0', 40_000_000)))),
        ("unpacks to more than 60 MB", () => Pdf(Deflated(new byte[70_000_000]), "/Filter/FlateDecode")),
        ("This PDF unpacks", () => Pdf(new byte[200_000], "/Filter/LZWDecode")),
        ("more than 300 deep", () => Bytes("<html>" + Deep("<div>"))),
        ("On this page", () => Bytes("<html>" + Deep("<table><tr><td>"))),
        ("In this file things stand", () => Document(Deep("<w:sdt>"))),
        ("beyond column 200", () => Spreadsheet("<row><c r=\"AAA1\"><v>1</v></c></row>")),
        ("has a password", () => Pdf(Type, trailer: Locked)),
        ("damaged", () => Zip(("word/document.xml", "x"), ("[Content_Types].xml", "<"))),
        ("not what it says it is", () => "%PDF-1.4 and no more"u8.ToArray()),
        ("There are no words", () => Document("<w:p/>")),
        ("There is nothing in the cells", () => Spreadsheet("")),
        (
            "more than 10000 rows",
            () => Spreadsheet(string.Concat(Enumerable.Range(1, 100_000).Select(i => $"""<row r="{i}"><c r="A{i}"><v>1</v></c></row>""")))
        ),
        ("characters of text", () => Bytes(string.Concat(Enumerable.Repeat("10 burpees\n", 50_000)))),
        ("at most 10 MB", () => new byte[11 * 1024 * 1024]),
    ];

    public static TheoryData<string> Reasons => [.. Refused.Select(r => r.Why)];

    [Theory]
    [MemberData(nameof(Reasons))]
    public void A_file_that_cannot_be_read_says_why(string why)
    {
        var read = DocumentReader.Read(Refused.Single(r => r.Why == why).File());
        Assert.Equal("", read.Text);
        Assert.Contains(why, read.Refused, StringComparison.Ordinal);
    }

    /// <summary>Whatever is broken in a file: it is read or refused, and nothing is thrown.</summary>
    [Fact]
    public void A_broken_file_is_read_or_refused()
    {
        byte[][] whole =
        [
            Document("<w:p><w:r><w:t>AMRAP 12</w:t></w:r></w:p>"),
            Spreadsheet("<row><c><v>1</v></c></row>"),
            Bytes("<html><p>a"),
        ];
        Gen.Select(Gen.Int[0, whole.Length - 1], Gen.Int[0, 4000], Gen.Byte, Gen.Int[0, 4000])
            .Sample(
                (which, at, with, cut) =>
                {
                    var file = whole[which].ToArray();
                    file[at % file.Length] = with;
                    var read = DocumentReader.Read(file[..Math.Max(1, file.Length - (cut % file.Length))]);
                    Assert.True(read.Refused is null ? read.Kind.Length > 0 : read.Text.Length == 0);
                },
                iter: Environment.GetEnvironmentVariable("LONG") is null ? 100 : 20_000
            );
    }

    private async Task<(HttpStatusCode, JsonNode?)> Send(byte[] file, string name, string type = "application/octet-stream")
    {
        using var body = new ByteArrayContent(file);
        body.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var answer = await api.Http.PostAsync(new Uri($"/api/read/file?name={name}", UriKind.Relative), body);
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync()));
    }

    [Fact]
    public async Task A_file_is_sent_and_its_text_comes_back()
    {
        var (status, read) = await Send(Bytes("Movement,Reps\nThruster,21"), "a.csv");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("table", (string)read!["kind"]!);
        Assert.Equal("Movement\tReps\nThruster\t21", (string)read["text"]!);
        var (refused, why) = await Send([], "a.txt");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Equal("This file is empty.", (string)why!["errors"]!["file"]![0]!);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, (await Send(Bytes("x"), "a.txt", "text/plain")).Item1);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Send(new byte[600 * 1024], "zeros")).Item1);
    }

    [Fact]
    public async Task A_page_is_read_in_place_of_a_text()
    {
        var body = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(CalculatorTests.Docs, "examples", "read.json")))!.AsObject();
        body.Remove("text");
        body["html"] = "<h1>Weir</h1><p>AMRAP 12</p><ul><li>10 burpees</li><li>12 sit-ups</li></ul>";
        var (status, read) = await api.Post("/api/read", body.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains("12:00 for reps", (string)read!["draft"]!, StringComparison.Ordinal);
        Assert.Equal("Weir\n\nAMRAP 12\n\n- 10 burpees\n- 12 sit-ups", (string)read["text"]!);
        body["html"] = Deep("<div>");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post("/api/read", body.ToJsonString())).Item1);
        body["text"] = "AMRAP 12\n10 burpees";
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post("/api/read", body.ToJsonString())).Item1);
    }

    [Fact]
    public async Task A_text_with_several_workouts_says_where_each_stands()
    {
        var body = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(CalculatorTests.Docs, "examples", "read.json")))!.AsObject();
        body["text"] = "SATURDAY\n\nEvent 1\nAMRAP 10\n10 burpees\n\nEvent 2: Row\nFor time\n1000 m row\nEvent 1 again is the seed";
        var (_, read) = await api.Post("/api/read", body.ToJsonString());
        Assert.Equal(
            ["Event 1 3-6", "Event 2: Row 7-10"],
            read!["workouts"]!.AsArray().Select(w => $"{w!["title"]} {w["from"]}-{w["to"]}")
        );
    }
}
