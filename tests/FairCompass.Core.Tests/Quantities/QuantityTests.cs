using CsCheck;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Quantities;

public class QuantityTests
{
    /// <summary>NIST Special Publication 811 (2008), appendix B.8 and B.6: exact by definition (24 FR 5348, 1 July 1959).</summary>
    [Fact]
    public void Pound_inch_and_foot_have_their_legal_definitions()
    {
        Assert.Equal(0.45359237m, new Mass(1, MassUnit.Pound).InKilograms);
        Assert.Equal(25.4m, new Length(1, LengthUnit.Inch).InMillimetres);
        Assert.Equal(304.8m, new Length(1, LengthUnit.Foot).InMillimetres);
        Assert.Equal(61.23496995m, new Mass(135, MassUnit.Pound).InKilograms);
        Assert.Equal(20.4116566500m, new Mass(45, MassUnit.Pound).InKilograms);
        Assert.Equal(76.2m, new Length(3, LengthUnit.Inch).InMillimetres);
    }

    [Theory]
    [InlineData("9:00", 540_000)]
    [InlineData("0:00", 0)]
    [InlineData("999:59", 59_999_000)]
    [InlineData("1:05:00", 3_900_000)]
    [InlineData("7:41.3", 461_300)]
    [InlineData("24:00:00", 86_400_000)]
    public void Times_are_read(string text, long ms) => Assert.Equal(new Duration(ms), Duration.TryParse(text));

    [Theory]
    [InlineData("99:99")]
    [InlineData("9:5")]
    [InlineData("9")]
    [InlineData(":30")]
    [InlineData("1:60:00")]
    [InlineData("24:00:01")]
    [InlineData("1:00.1234")]
    [InlineData("٣:00")]
    public void Other_texts_are_no_times(string text) => Assert.Null(Duration.TryParse(text));

    [Fact]
    public void A_printed_time_reads_back() =>
        Gen.Long[0, 86_400_000].Sample(ms => Assert.Equal(new Duration(ms), Duration.TryParse(new Duration(ms).ToString())));

    [Fact]
    public void A_number_is_kept_as_typed_and_compared_by_value()
    {
        var typed = new Number(3.00m);
        Assert.Equal("3.00", typed.ToString());
        Assert.Equal("3", typed.ToNormalString());
        Assert.Equal(new Number(3), typed);
        Assert.Equal(new Number(3).GetHashCode(), typed.GetHashCode());
        Assert.Equal("100", Number.Normal(100m));
        Assert.Equal("0.0001", Number.Normal(0.00010m));
    }

    [Fact]
    public void Lists_are_equal_by_content()
    {
        Assert.Equal(Eq.Of(1, 2), Eq.Of(1, 2));
        Assert.NotEqual(Eq.Of(1, 2), Eq.Of(2, 1));
        Assert.Equal(default, Eq.Of<int>());
        Assert.Equal(Eq.Of("a").GetHashCode(), Eq.Of("a").GetHashCode());
    }
}
