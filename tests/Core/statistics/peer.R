# What base R says of made-up weighings: `Rscript tests/Core/statistics/peer.R > tests/Core/statistics/cases.json`.
# Its answers are kept beside it, so that the tests need no R.
set.seed(20261128)
num <- function(x) paste0("[", paste(sprintf("%.17g", x), collapse = ","), "]")
one <- function(x) sprintf("%.17g", x)
field <- function(name, value) paste0('"', name, '":', value)
case <- function(kind, name, ...) paste0("{", paste(c(field("kind", paste0('"', kind, '"')), field("name", paste0('"', name, '"')), ...), collapse = ","), "}")
groups <- function(g) paste0("[", paste(sapply(g, num), collapse = ","), "]")
out <- c()

# One sample: mean, standard deviation, interval, quantiles (type 7).
samples <- list(
  two = c(121, 127), three = c(119.4, 125, 131.2), ties = c(125, 125, 125, 126, 126), alike = c(200, 200, 201),
  nine = round(rnorm(9, 125, 4), 1), twenty = rnorm(20, 4.6, 0.3), small = rnorm(6, 0.8, 0.05), large = rnorm(2000, 240, 9),
  skew = rexp(30, 1 / 40), cents = round(rnorm(12, 7, 0.4), 2), negative = rnorm(8, -3, 2), wide = c(1, 1000, 3, 700, 20)
)
for (name in names(samples)) {
  x <- samples[[name]]
  out <- c(out, case("sample", name, field("x", num(x)), field("mean", one(mean(x))), field("sd", one(sd(x))),
    field("ci95", num(t.test(x)$conf.int)), field("quartiles", num(quantile(x, c(0.1, 0.25, 0.5, 0.75, 0.9), type = 7)))))
}

# Two groups of other spreads.
pairs <- list(
  tiny = list(c(120, 124), c(138, 141)), ties = list(c(125, 125, 126, 126), c(130, 130, 131, 131)), same = list(rnorm(8, 125, 4), rnorm(8, 125, 4)),
  dipped = list(round(rnorm(11, 124, 5)), round(rnorm(11, 137, 7))), lopsided = list(rnorm(4, 125, 2), rnorm(60, 126, 9)),
  narrow = list(rnorm(12, 4.6, 0.01), rnorm(12, 4.6, 0.5)), many = list(rnorm(1000, 240, 9), rnorm(1000, 241, 9)), far = list(rnorm(6, 100, 1), rnorm(6, 900, 30))
)
for (i in 1:14) pairs[[paste0("chance", i)]] <- list(rnorm(sample(3:25, 1), 125, runif(1, 1, 9)), rnorm(sample(3:25, 1), 130, runif(1, 1, 9)))
for (name in names(pairs)) {
  p <- pairs[[name]]
  t <- t.test(p[[2]], p[[1]])
  out <- c(out, case("welch", name, field("groups", groups(p)), field("t", one(t$statistic)), field("df", one(t$parameter)), field("p", one(t$p.value)),
    field("difference", one(mean(p[[2]]) - mean(p[[1]]))), field("ci95", num(t$conf.int))))
}

# The same hands did both.
for (i in 1:6) {
  n <- c(2, 3, 8, 11, 22, 40)[i]
  hand <- rnorm(n, 0, 6)
  p <- list(125 + hand + rnorm(n, 0, 3), 138 + hand + rnorm(n, 0, 3))
  t <- t.test(p[[2]], p[[1]], paired = TRUE)
  out <- c(out, case("paired", paste0("hands", n), field("groups", groups(p)), field("t", one(t$statistic)), field("df", one(t$parameter)),
    field("p", one(t$p.value)), field("difference", one(mean(p[[2]] - p[[1]]))), field("ci95", num(t$conf.int))))
}

# Several groups, all pairs honestly. R's own ptukey and qtukey are right to about 1e-5 and 1e-4 where there are few degrees of freedom, so
# the same integrals are asked of R's integrate, too.
range_of <- function(w, k) integrate(function(z) k * dnorm(z) * (pnorm(z) - pnorm(z - w))^(k - 1), -Inf, Inf, rel.tol = 1e-12)$value
beyond <- function(q, k, df) {
  wide <- 10 / sqrt(2 * df)
  density <- function(s) exp(log(2) + df / 2 * log(df / 2) - lgamma(df / 2) + (df - 1) * log(s) - df * s^2 / 2)
  1 - integrate(function(s) density(s) * sapply(q * s, range_of, k = k), max(0, 1 - wide), 1 + wide, rel.tol = 1e-11, subdivisions = 500)$value
}
quantile_of <- function(k, df) uniroot(function(q) beyond(q, k, df) - 0.05, c(1, 60), tol = 1e-12)$root
tukey <- function(fit, which, k) {
  h <- TukeyHSD(fit, which)[[which]]
  df <- fit$df.residual
  wide <- quantile_of(k, df)
  half <- (h[, "upr"] - h[, "lwr"]) / 2 / qtukey(0.95, k, df)
  pair <- strsplit(rownames(h), "-")
  paste0("[", paste(sapply(seq_len(nrow(h)), function(i) paste0("{", paste(c(field("first", paste0('"', pair[[i]][2], '"')), field("second", paste0('"', pair[[i]][1], '"')),
    field("difference", one(h[i, "diff"])), field("ci95", num(h[i, c("lwr", "upr")])), field("p", one(h[i, "p adj"])),
    field("ci95_exact", num(h[i, "diff"] + c(-1, 1) * wide * half[i])), field("p_exact", one(beyond(abs(h[i, "diff"]) / half[i], k, df)))), collapse = ","), "}")), collapse = ","), "]")
}
several <- list(
  balanced = list(a = rnorm(7, 125, 4), b = rnorm(7, 131, 4), c = rnorm(7, 138, 4)), gaps = list(a = rnorm(3, 125, 4), b = rnorm(9, 126, 4), c = rnorm(14, 127, 4)),
  tiny = list(a = c(120, 124), b = c(125, 126), c = c(138, 141)), ties = list(a = c(1, 1, 2, 2), b = c(2, 2, 3, 3), c = c(3, 3, 4, 4)),
  two = list(a = rnorm(6, 10, 1), b = rnorm(5, 11, 1)), same = list(a = rnorm(5), b = rnorm(5), c = rnorm(5), d = rnorm(5)),
  many = list(a = rnorm(500, 240, 9), b = rnorm(500, 241, 9), c = rnorm(500, 240, 9), d = rnorm(500, 239, 9)),
  eight = setNames(lapply(1:8, function(i) rnorm(6, 100 + i, 3)), letters[1:8])
)
for (i in 1:6) several[[paste0("chance", i)]] <- lapply(1:sample(3:6, 1), function(j) rnorm(sample(3:15, 1), 125 + runif(1, -6, 6), 4))
for (name in names(several)) {
  g <- several[[name]]
  names(g) <- letters[seq_along(g)]
  d <- data.frame(y = unlist(g), g = factor(rep(names(g), sapply(g, length))))
  fit <- aov(y ~ g, d)
  s <- summary(fit)[[1]]
  out <- c(out, case("variance", name, field("groups", groups(g)), field("f", one(s[1, "F value"])), field("df", num(s[, "Df"])), field("p", one(s[1, "Pr(>F)"])),
    field("tukey", tukey(fit, "g", length(g)))))
}

# Three techniques or more, each by the same hands.
for (i in 1:8) {
  n <- c(2, 3, 5, 8, 12, 22, 30, 200)[i]
  k <- c(3, 3, 4, 3, 5, 3, 4, 3)[i]
  hand <- rnorm(n, 0, 6)
  g <- setNames(lapply(1:k, function(j) 125 + 4 * j * (i %% 3) + hand + rnorm(n, 0, 3)), letters[1:k])
  d <- data.frame(y = unlist(g), g = factor(rep(names(g), each = n)), b = factor(rep(1:n, k)))
  fit <- aov(y ~ b + g, d)
  s <- summary(fit)[[1]]
  out <- c(out, case("blocks", paste0("hands", n), field("groups", groups(g)), field("f", one(s[2, "F value"])), field("df", num(s[2:3, "Df"])), field("p", one(s[2, "Pr(>F)"])),
    field("tukey", tukey(fit, "g", k))))
}

# The distributions themselves.
grid <- expand.grid(df = c(1, 2, 3, 4.7, 9, 30, 121.3, 1999), x = c(0.01, 0.5, 1, 2.262, 5, 12))
out <- c(out, case("t", "beyond", field("df", num(grid$df)), field("x", num(grid$x)), field("p", num(2 * pt(-grid$x, grid$df)))))
grid <- expand.grid(a = c(1, 2, 3, 7), b = c(1, 3, 8, 40, 1996), x = c(0.1, 1, 2.5, 6, 40))
out <- c(out, case("f", "beyond", field("a", num(grid$a)), field("b", num(grid$b)), field("x", num(grid$x)), field("p", num(pf(grid$x, grid$a, grid$b, lower.tail = FALSE)))))
grid <- expand.grid(k = c(2, 3, 4, 8), df = c(2, 3, 8, 20, 120, 1996), x = c(0.5, 2, 3.5, 5, 8))
out <- c(out, case("range", "beyond", field("k", num(grid$k)), field("df", num(grid$df)), field("x", num(grid$x)),
  field("p", num(mapply(beyond, grid$x, grid$k, grid$df)))))
cat("[\n", paste(out, collapse = ",\n"), "\n]\n", sep = "")
