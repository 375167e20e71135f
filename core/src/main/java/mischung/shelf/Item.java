package mischung.shelf;

/** A product and what there is of it. */
public record Item(Product product, Stock stock) {
    public boolean low() {
        return stock.low(product.packGrams());
    }

    public boolean out() {
        return stock.out(product.packGrams());
    }

    public double grams() {
        return stock.grams(product.packGrams());
    }

    Item with(Stock other) {
        return new Item(product, other);
    }
}
